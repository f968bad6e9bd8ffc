import { DeviceFault, heat, heatOf, line, lineOf, weight } from './devices.js';
import { clock, fold, grams, inBowl, missing } from './run.js';

const run = JSON.parse(document.getElementById('run').textContent);
const store = (name) => `run:${run.ulid}:${name}`;
const kept = (name, other) => JSON.parse(localStorage.getItem(store(name)) ?? 'null') ?? other;
const keep = (name, value) => localStorage.setItem(store(name), JSON.stringify(value));

// ---- What is done: the server's events, and behind them what has not been handed in yet.
let events = run.events;
let queue = kept('queue', []);
let last = events.reduce((most, event) => Math.max(most, event.id), 0);
let state = fold([...events, ...queue]);
let count = run.count;
let probeSays = run.probed;
let here = kept('here', null);
let tare = kept('tare', false);
let scale = null;
let probe = null;
let sending = false;

const el = (tag, props = {}, ...children) => {
    const node = document.createElement(tag);
    for (const [name, value] of Object.entries(props)) {
        if (value === null || value === undefined || value === false) continue;
        if (name.startsWith('on')) node.addEventListener(name.slice(2), value);
        else if (name === 'class') node.className = value;
        else node.setAttribute(name, value === true ? '' : value);
    }
    node.append(...children.flat().filter((child) => child !== null && child !== undefined && child !== false));
    return node;
};
const tell = (words) => { document.getElementById('said').textContent = words; };

const send = (kind, data = {}) => {
    queue.push({ id: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`, kind, data, at: Date.now() });
    keep('queue', queue);
    state = fold([...events, ...queue]);
    render();
    flush();
};
const lost = (is) => { document.getElementById('lost').hidden = !is; };
const taken = (answer) => {
    for (const event of answer.events) {
        if (event.id > last) { events.push(event); last = event.id; }
    }
    if (answer.count) count = answer.count;
    if (answer.probed) probeSays = answer.probed;
    state = fold([...events, ...queue]);
};
const flush = async () => {
    if (sending || !queue.length) return;
    sending = true;
    const out = queue.slice(0, 100);
    try {
        const response = await fetch(`/counter/run/${run.ulid}/events`, {
            method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
            body: JSON.stringify({ after: last, events: out }),
        });
        if (response.status === 419 || response.status === 401) { await renew(); throw new Error('renewed'); }
        if (!response.ok && response.status !== 422) throw new Error(String(response.status));
        // Only an answer that can be read is word for it.
        const answer = response.ok ? await response.json() : null;
        const handed = new Set(out.map((event) => event.id));
        queue = queue.filter((event) => !handed.has(event.id));
        keep('queue', queue);
        if (answer) taken(answer);
        lost(false);
        render();
    } catch {
        lost(true);
    } finally {
        sending = false;
    }
    if (queue.length && document.getElementById('lost').hidden) flush();
};
// The token of a page from the cache is that of an older visit.
const renew = async () => {
    const page = await fetch(location.href, { headers: { 'X-Fresh': '1' } });
    const token = /name="csrf-token" content="([^"]+)"/.exec(await page.text());
    if (token) document.querySelector('meta[name=csrf-token]').content = token[1];
};
const poll = async () => {
    if (queue.length) { flush(); return; }
    if (document.hidden) return;
    try {
        const response = await fetch(`/counter/run/${run.ulid}/events?after=${last}`, { headers: { Accept: 'application/json' } });
        if (!response.ok) throw new Error(String(response.status));
        const answer = await response.json();
        lost(false);
        if (answer.events.length) { taken(answer); render(); }
    } catch {
        lost(true);
    }
};

// ---- Where we are.
const isDone = (task) => state.done[task.id] !== undefined;
const timersOf = (task) => Object.values(state.timers).filter((timer) => timer.task === task.id);
const runs = (timer) => timer.stopped === null;
const current = () => run.tasks.find((task) => task.id === here) ?? run.tasks.find((task) => !isDone(task)) ?? null;
const go = (task) => { here = task?.id ?? null; keep('here', here); render(); window.scrollTo(0, 0); };
const next = (task) => {
    const at = run.tasks.indexOf(task);
    const waits = (one) => timersOf(one).some(runs);
    go([...run.tasks.slice(at + 1), ...run.tasks.slice(0, at)].find((one) => !isDone(one) && !waits(one)) ?? run.tasks.find((one) => !isDone(one)) ?? null);
};
const pending = (task) => task.uses.findIndex((use) => state.weighed[task.id]?.[use.food] === undefined);

// ---- Scale.
const reading = (said) => {
    try {
        scale = { ...scale, ...said(), fault: null };
    } catch (fault) {
        if (!(fault instanceof DeviceFault)) throw fault;
        scale = { ...scale, fault: fault.message };
    }
    showScale();
};
const wants = (task, index) => {
    const use = task.uses[index];
    const base = tare ? 0 : inBowl(run, state, task, index);
    return { use, base, target: use.grams * state.factor, says: base + use.grams * state.factor };
};
const showScale = () => {
    const task = current();
    const index = task ? pending(task) : -1;
    const box = document.getElementById('reading');
    if (!box || index < 0) return;
    const { use, base, target, says } = wants(task, index);
    if (!scale || scale.grams === undefined) { box.textContent = ''; return; }
    const rest = says - scale.grams;
    box.replaceChildren(scale.fault ? el('span', { class: 'c-fault' }, scale.fault) : el('span', {}, 'it says ', el('strong', { class: 'figure' }, `${grams(scale.grams)} g`), rest > use.within ? `, ${grams(rest)} g to go` : rest < -use.within ? `, ${grams(-rest)} g too much` : ', that is right'));
    const bar = document.getElementById('fill');
    const share = Math.max(0, Math.min(1.15, (scale.grams - base) / Math.max(0.1, target)));
    bar.setAttribute('width', (share * 460).toFixed(1));
    bar.setAttribute('class', rest < -use.within ? 'c-over' : Math.abs(rest) <= use.within ? 'c-right' : 'c-fill');
};
// What is still to go in stands on top, where it is in sight.
const comingFirst = (task) => task.uses.map((use, i) => ({ use, i, isIn: state.weighed[task.id]?.[use.food] !== undefined })).sort((one, other) => one.isIn - other.isIn || one.i - other.i);
const putIn = (task, index) => {
    const { use, base, target } = wants(task, index);
    const says = scale && scale.grams !== undefined && !scale.fault ? Math.max(0, scale.grams - base) : target;
    // "Is in" means as much as was asked for; where the scale says otherwise, the baker is asked.
    if (says > target + use.within) tooMuch(task, use, says, target);
    else if (says < target - use.within) tooLittle(task, use, says, target);
    else isIn(task, use, Math.abs(says - target) <= use.within ? says : target);
};
const isIn = (task, use, weighed) => {
    send('weigh', { task: task.id, food: use.food, grams: Math.round(weighed * 10) / 10 });
    tell(`${use.name} is in.`);
};

// ---- Overlays.
const over = document.getElementById('over');
// An alarm lies over whatever sheet is open, and gives it back.
let under = null;
const close = () => {
    if (under) {
        over.className = under.className;
        over.replaceChildren(...under.nodes);
        under = null;
        over.querySelector('button')?.focus();
        return;
    }
    over.hidden = true;
    over.replaceChildren();
    over.className = '';
    document.getElementById('main-button')?.focus();
};
const show = (title, body, isAlarm = false) => {
    if (isAlarm && !over.hidden && over.className !== 'c-alarm') under = { className: over.className, nodes: [...over.childNodes] };
    over.replaceChildren(el('section', { class: 'c-sheet', role: isAlarm ? 'alertdialog' : 'dialog', 'aria-modal': 'true', 'aria-label': title }, el('h2', { class: 'c-big' }, title), ...body));
    over.className = isAlarm ? 'c-alarm' : 'c-cover';
    over.hidden = false;
    over.querySelector('button')?.focus();
};
const button = (words, does, main = false) => el('button', { type: 'button', class: main ? 'c-button c-button-main' : 'c-button', onclick: does }, words);
const tooMuch = (task, use, weighed, target) => show(`${grams(weighed - target)} g too much`, [
    el('p', { class: 'c-text' }, `${use.name}: ${grams(weighed)} g where ${grams(target)} g were wanted.`),
    el('div', { class: 'c-row' },
        button('I take some out', close, true),
        button('Keep it as it is', () => { close(); send('weigh', { task: task.id, food: use.food, grams: Math.round(weighed * 10) / 10 }); }),
        button(`Make the batch ${Math.round((weighed / target - 1) * 100)} % larger`, () => {
            close();
            const factor = Math.round(state.factor * (weighed / target) * 1000) / 1000;
            send('weigh', { task: task.id, food: use.food, grams: Math.round(weighed * 10) / 10 });
            send('factor', { factor });
        })),
]);
const tooLittle = (task, use, weighed, target) => show(`The scale says ${grams(weighed)} g`, [
    el('p', { class: 'c-text' }, `${use.name}: ${grams(target)} g were wanted.`),
    el('div', { class: 'c-row' },
        button('I add more', close, true),
        button(`It is all in: ${grams(target)} g`, () => { close(); isIn(task, use, target); }),
        weighed > 0 ? button(`Only ${grams(weighed)} g is in`, () => { close(); isIn(task, use, weighed); }) : null),
]);
const notIn = (task, found, goOn) => show('Has it all gone in?', [
    el('ul', { class: 'c-list' }, found.map(({ task: one, use }) => el('li', { class: 'c-item' }, el('span', {}, use.name), el('span', { class: 'figure' }, `${grams(use.grams * state.factor)} g`), button('It is in', (event) => {
        send('weigh', { task: one.id, food: use.food, grams: use.grams * state.factor });
        event.target.closest('li').remove();
        if (!over.querySelector('li')) { close(); goOn(); }
    })))),
    el('div', { class: 'c-row' }, button('Go back to it', () => { close(); go(found[0].task); }, true), button('Go on without', () => { close(); goOn(); })),
]);
const list = () => show('All steps', [
    el('ol', { class: 'c-list' }, run.tasks.map((task) => el('li', {}, el('button', { type: 'button', class: `c-step ${isDone(task) ? 'c-done' : ''}`, 'aria-current': task === current() ? 'step' : null, onclick: () => { close(); go(task); } },
        el('span', { class: 'c-mark' }, isDone(task) ? '✓' : timersOf(task).some(runs) ? '◷' : ''), el('span', {}, task.text))))),
    el('div', { class: 'c-row' }, button('Close', close, true)),
]);
const help = (task) => {
    const labels = [...new Map(run.remedies.map((one) => [one.symptom, one.label]))];
    const open = (symptom, label) => show(label, [
        el('ul', { class: 'c-list' }, run.remedies.filter((one) => one.symptom === symptom).map((one) => el('li', { class: 'c-item' }, el('span', {}, one.text), one.food && button('I did that', () => {
            close();
            send('weigh', { task: `remedy-${state.remedies.length}`, food: one.food, grams: one.grams });
            send('remedy', { words: `${label}: ${one.text}` });
            tell(`It is counted.`);
        })))),
        el('div', { class: 'c-row' }, button('Close', close, true), button('Something else', () => help(task))),
    ]);
    show('What is it like?', [el('div', { class: 'c-row' }, labels.map(([symptom, label]) => button(label, () => open(symptom, label))), button('Close', close))]);
};
const taste = (task) => {
    const foods = [...new Map(run.tasks.flatMap((one) => one.uses).map((use) => [use.food, use.name])), ['lemon-juice', 'Lemon juice'], ['salt', 'Salt']];
    const select = el('select', { class: 'field c-field', 'aria-label': 'What went in' }, [...new Map(foods)].map(([key, name]) => el('option', { value: key }, name)));
    const amount = el('input', { class: 'field c-field figure', type: 'number', step: '0.1', min: '0', value: '1', 'aria-label': 'Grams' });
    show('To taste', [
        el('p', { class: 'c-text' }, 'A little at a time, and taste. What went in is what is counted.'),
        el('div', { class: 'c-row' }, select, amount, el('span', { class: 'c-text' }, 'g'), button('It went in', () => { if (Number(amount.value) > 0) { send('taste', { task: `taste-${task.id}`, food: select.value, grams: Number(amount.value) }); tell('It is counted.'); } }, true), button('Close', close)),
    ]);
};
const portion = () => {
    const pieces = run.pieces * state.factor;
    const mass = state.mixed ?? run.mixed * state.factor;
    const left = mass - state.pieces.reduce((sum, one) => sum + one, 0);
    const rest = Math.max(1, pieces - state.pieces.length);
    const field = el('input', { class: 'field c-field figure', type: 'number', step: '1', min: '0', value: Math.round(mass), 'aria-label': 'All of the mix weighs, in grams' });
    const one = el('input', { class: 'field c-field figure', type: 'number', step: '0.5', min: '0', value: Math.round((scale?.grams ?? left / rest) * 10) / 10, 'aria-label': 'This one weighs, in grams' });
    show('Portion by weighing', [
        el('div', { class: 'c-row' }, el('label', { class: 'c-text' }, 'All of it weighs'), field, button('Use this', () => { send('mixed', { grams: Number(field.value) }); portion(); })),
        el('p', { class: 'c-number' }, `${grams(left / rest)} g`, el('span', { class: 'c-unit' }, ` each, ${Math.ceil(rest)} to go`)),
        el('div', { class: 'c-row' }, one, button('That is one', () => { if (Number(one.value) > 0) { send('piece', { grams: Number(one.value) }); portion(); } }, true), state.pieces.length ? button('Take the last one back', () => { send('unpiece'); portion(); }) : null, button('Close', close)),
        el('p', { class: 'c-text' }, state.pieces.length ? `${state.pieces.length} so far: ${state.pieces.map((p) => grams(p)).join(', ')} g; ${grams(left)} g are left.` : ''),
    ]);
};

// ---- Timers: what is kept is when they end.
let sound = null;
const isAsleep = () => sound?.state !== 'running';
// A page may sound only once it was touched: the first touch of any kind wakes it.
const wake = () => {
    try {
        sound ??= new AudioContext();
        document.documentElement.dataset.sound = 'woken';
        sound.resume().then(() => { document.documentElement.dataset.sound = sound.state; document.getElementById('wake')?.remove(); });
    } catch { /* a machine without sound still shows it */ }
};
for (const kind of ['pointerdown', 'keydown']) document.addEventListener(kind, () => { if (isAsleep()) wake(); });
const beep = () => {
    if (isAsleep()) return;
    try {
        const tone = sound.createOscillator();
        const volume = sound.createGain();
        tone.frequency.value = 880;
        volume.gain.setValueAtTime(0.4, sound.currentTime);
        volume.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + 0.7);
        tone.connect(volume).connect(sound.destination);
        tone.start();
        tone.stop(sound.currentTime + 0.7);
    } catch { /* a machine without sound still shows it */ }
};
const startTimer = (task) => {
    const found = task.locks ? missing(run, state, task) : [];
    const start = () => {
        const number = timersOf(task).length + 1;
        send('timer', { timer: `${task.id}-${number}`, task: task.id, name: task.name, ends: Date.now() + Math.round(task.minutes * 60000) });
        tell(`${task.name}: the timer runs.`);
        if (globalThis.Notification?.permission === 'default') Notification.requestPermission().catch(() => {});
    };
    if (found.length) notIn(task, found, start); else start();
};
const stopTimer = (timer, ticks) => {
    send('timer-stop', { timer: timer.id });
    if (ticks && !timersOf(run.tasks.find((one) => one.id === timer.task)).some(runs)) send('tick', { task: timer.task });
};
// A hidden page is heard by a notification, where the baker allowed one.
const notify = (words) => {
    if (document.hidden && globalThis.Notification?.permission === 'granted') new Notification(words, { body: run.title, tag: run.ulid });
};
let ringing = null;
const ring = (timer) => {
    const task = run.tasks.find((one) => one.id === timer.task);
    const late = Math.floor((Date.now() - timer.ends) / 60000);
    const following = run.tasks.find((one) => one.after.includes(timer.task) && !isDone(one));
    ringing = timer.id;
    if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.([400, 200, 400]);
    notify(`${timer.name}: time is up`);
    show(`${timer.name}: time is up`, [
        isAsleep() ? el('div', { class: 'c-row', id: 'wake' }, button('Turn the sound on', wake)) : null,
        late > 0 ? el('p', { class: 'c-text' }, `It rang ${late} ${late === 1 ? 'minute' : 'minutes'} ago.`) : null,
        task?.until ? el('p', { class: 'c-text' }, task.until) : task?.hot ? el('p', { class: 'c-text' }, `Done when: ${run.done_when}.`) : null,
        following ? el('p', { class: 'c-text' }, `Next: ${following.text}`) : null,
        el('div', { class: 'c-row' },
            button('It is done', () => { ringing = null; close(); stopTimer(timer, true); if (task) next(task); }, true),
            button('2 minutes more', () => { ringing = null; close(); send('timer-ends', { timer: timer.id, ends: Date.now() + 120000 }); }),
            button('5 minutes more', () => { ringing = null; close(); send('timer-ends', { timer: timer.id, ends: Date.now() + 300000 }); })),
    ], true);
};
const tick = () => {
    const now = Date.now();
    const live = Object.values(state.timers).filter(runs).sort((a, b) => a.ends - b.ends);
    const bar = document.getElementById('timers');
    if (bar.dataset.ids !== live.map((timer) => timer.id).join()) {
        bar.dataset.ids = live.map((timer) => timer.id).join();
        bar.replaceChildren(...live.map((timer) => el('button', { type: 'button', class: 'c-timer', onclick: () => go(run.tasks.find((one) => one.id === timer.task)) }, el('span', {}, timer.name), ' ', el('span', { class: 'figure', 'data-timer': timer.id }))));
    }
    for (const place of document.querySelectorAll('[data-timer]')) {
        const timer = state.timers[place.dataset.timer];
        if (timer) place.textContent = clock(timer.ends - now);
    }
    const due = live.find((timer) => timer.ends <= now);
    if (due && ringing !== due.id && over.className !== 'c-alarm') ring(due);
    if (ringing && (!state.timers[ringing] || !runs(state.timers[ringing]))) { ringing = null; close(); }
    if (ringing) beep();
};

// ---- The screen.
const weighing = (task, index) => {
    const { use, base, says } = wants(task, index);
    const svg = `<svg viewBox="0 0 560 74" class="c-bar" aria-hidden="true"><rect x="2" y="14" width="536" height="46" rx="8" class="c-track"/><rect id="fill" x="4" y="16" width="0" height="42" rx="6" class="c-fill"/><rect x="${460 - 6}" y="6" width="${Math.max(8, Math.min(60, (use.within / Math.max(0.1, use.grams)) * 920)).toFixed(0)}" height="62" class="c-band"/></svg>`;
    const bar = document.createElement('div');
    bar.innerHTML = svg;
    return [
        el('p', { class: 'c-soft' }, el('strong', {}, use.name), tare ? ', weighed alone' : base > 0 ? ', and the bowl should say' : ', into the empty bowl'),
        el('p', { class: 'c-number', id: 'number' }, grams(says), el('span', { class: 'c-unit' }, ' g')),
        el('p', { class: 'c-text', id: 'reading' }), bar,
        el('p', { class: 'c-soft' }, `${grams(use.within < 3 ? use.within : Math.round(use.within))} g more or less is fine.`),
    ];
};
const waiting = (task) => {
    const live = timersOf(task).filter(runs);
    return live.flatMap((timer) => [
        el('p', { class: 'c-soft' }, `${timer.name} ends in`),
        el('p', { class: 'c-number', 'data-timer': timer.id }, clock(timer.ends - Date.now())),
        el('div', { class: 'c-row' }, button('−1 min', () => send('timer-ends', { timer: timer.id, ends: timer.ends - 60000 })), button('+1 min', () => send('timer-ends', { timer: timer.id, ends: timer.ends + 60000 })), button('+5 min', () => send('timer-ends', { timer: timer.id, ends: timer.ends + 300000 }))),
    ]);
};
const mainButton = (task) => {
    const index = pending(task);
    const live = timersOf(task).filter(runs);
    const attributes = (words, does) => { const node = button(words, does, true); node.id = 'main-button'; return node; };
    if (index >= 0) return attributes(`${task.uses[index].name} is in`, () => putIn(task, index));
    if (task.wait && !isDone(task)) {
        return live.length ? attributes('It is done', () => { live.forEach((timer) => stopTimer(timer, true)); next(task); }) : attributes(`Start the timer, ${task.minutes} min`, () => startTimer(task));
    }
    return isDone(task) ? attributes('Next', () => next(task)) : attributes('Done', () => {
        const found = task.locks ? missing(run, state, task) : [];
        const does = () => { send('tick', { task: task.id }); next(task); };
        if (found.length) notIn(task, found, does); else does();
    });
};
// What stands on the right where nothing is weighed and nothing runs.
const glance = (task) => {
    const following = run.tasks.slice(run.tasks.indexOf(task) + 1).filter((one) => !isDone(one)).slice(0, 3);
    return [
        following.length ? el('p', { class: 'c-soft' }, 'After this') : null,
        following.length ? el('ol', { class: 'c-list' }, following.map((one) => el('li', { class: 'c-item c-text' }, one.text))) : null,
    ];
};
const counted = () => el('p', { class: 'c-soft', id: 'count' }, el('strong', { class: 'figure' }, `${count.net} g`), ' net, ', el('strong', { class: 'figure' }, `${count.total} g`), ` total carbs a ${run.piece}, ${count.said}`);
const extras = (task) => el('div', { class: 'c-row c-extras' },
    task.wait && !isDone(task) && timersOf(task).some(runs) ? button('Next step meanwhile', () => next(task)) : null,
    task.wait && !isDone(task) && !timersOf(task).some(runs) && pending(task) < 0 ? button('It is done already', () => { send('tick', { task: task.id }); next(task); }) : null,
    button('It is not right', () => help(task)), button('To taste', () => taste(task)), button('Portion', portion), button('All steps', list),
    'speechSynthesis' in window ? button('Read it to me', () => { speechSynthesis.cancel(); speechSynthesis.speak(new SpeechSynthesisUtterance([task.text, ...task.uses.map((use) => `${use.name}, ${grams(use.grams * state.factor)} grams`)].join('. '))); }) : null);
const render = () => {
    const main = document.getElementById('counter');
    const task = current();
    const focused = document.activeElement?.id;
    if (!task || state.finished) {
        main.replaceChildren(el('section', { class: 'c-left' }, el('h1', { class: 'c-big' }, 'All done'), el('p', { class: 'c-text' }, `${count.net} g net and ${count.total} g total carbs a ${run.piece}, ${count.said}.`),
            el('div', { class: 'c-row' }, button('Put it in the notebook', () => { flush(); setTimeout(() => document.getElementById('end').submit(), queue.length ? 1500 : 0); }, true), button('Back to the steps', () => go(run.tasks[run.tasks.length - 1])), button('Portion', portion))), devices());
        document.getElementById('where').textContent = '';
        return;
    }
    const at = run.tasks.indexOf(task);
    const index = pending(task);
    document.getElementById('where').textContent = `· step ${at + 1} of ${run.tasks.length}`;
    const side = index >= 0 ? weighing(task, index) : waiting(task);
    main.replaceChildren(
        el('section', { class: 'c-left', 'aria-label': 'Step' },
            task.component ? el('p', { class: 'c-soft' }, task.component) : null,
            el('h1', { class: task.text.length > 120 ? 'c-big c-long' : 'c-big' }, task.text),
            task.uses.length ? el('ul', { class: 'c-uses' }, comingFirst(task).map(({ use, i }) => {
                const weighed = state.weighed[task.id]?.[use.food];
                return el('li', { class: weighed !== undefined ? 'c-in' : i === index ? 'c-now' : '' }, el('span', {}, weighed !== undefined ? '✓ ' : '', use.name), el('span', { class: 'figure' }, `${grams(weighed ?? use.grams * state.factor)} g`, use.measure ? el('small', {}, el('span', { class: 'c-dot' }, ' · '), use.measure) : ''),
                    weighed !== undefined ? el('button', { type: 'button', class: 'c-undo', 'aria-label': `${use.name} is not in yet`, onclick: () => send('unweigh', { task: task.id, food: use.food }) }, '×') : null);
            })) : null,
            task.until && index < 0 ? el('p', { class: 'c-text c-until' }, task.until[0].toUpperCase() + task.until.slice(1)) : null,
            el('div', { class: 'c-row c-do' }, mainButton(task), isDone(task) ? button('Not done after all', () => send('untick', { task: task.id })) : null, at > 0 ? button('Back', () => go(run.tasks[at - 1])) : null),
            extras(task)),
        el('section', { class: `c-right-side ${side.length ? '' : 'c-empty'}`, 'aria-label': 'Weigh and wait' }, ...(side.length ? side : glance(task).filter(Boolean)), counted()), devices());
    const again = focused && document.getElementById(focused);
    if (again) again.focus({ preventScroll: true });
    showScale();
    tick();
};

// ---- Devices: the drawn ones send the very bytes and lines of real ones.
let drawn = kept('drawn', 0);
let pouring = 0;
const pour = (by, stable) => { drawn = Math.max(0, Math.round((drawn + by) * 10) / 10); keep('drawn', drawn); reading(() => line(lineOf(drawn, stable))); const face = document.getElementById('face'); if (face) face.textContent = `${drawn.toFixed(1)} g`; };
const hold = (by) => ({
    onpointerdown: () => { pour(by, false); pouring = setInterval(() => pour(by, false), 60); },
    onpointerup: () => { clearInterval(pouring); pour(0, true); }, onpointerleave: () => { clearInterval(pouring); },
    onkeydown: (event) => { if (event.key === 'Enter' || event.key === ' ') { event.preventDefault(); pour(by, true); } },
});
const serial = async () => {
    const port = await navigator.serial.requestPort();
    await port.open({ baudRate: 9600 });
    scale = { name: 'serial' };
    let text = '';
    const decoder = new TextDecoder();
    for (const stream = port.readable.getReader(); ;) {
        const { value, done } = await stream.read();
        if (done) break;
        text += decoder.decode(value, { stream: true });
        const lines = text.split('\n');
        text = lines.pop().slice(-80);
        for (const one of lines) reading(() => line(one));
    }
};
const bluetooth = async (service, characteristic, does) => {
    const device = await navigator.bluetooth.requestDevice({ filters: [{ services: [service] }] });
    const found = await (await (await device.gatt.connect()).getPrimaryService(service)).getCharacteristic(characteristic);
    await found.startNotifications();
    found.addEventListener('characteristicvaluechanged', ({ target }) => does(new Uint8Array(target.value.buffer)));
};
let told = 0;
const probed = (bytes) => {
    try {
        probe = heat(bytes).celsius;
    } catch { return; }
    if (Date.now() - told > 15000) { told = Date.now(); send('probe', { celsius: Math.round(probe * 10) / 10 }); }
    const face = document.getElementById('probe-face');
    if (face) face.textContent = `${probe.toFixed(1)} °C`;
};
const curve = () => {
    if (state.probe.length < 2) return null;
    const [from, to] = [state.probe[0][1], state.probe[state.probe.length - 1][1]];
    const points = state.probe.map(([celsius, at]) => `${(((at - from) / Math.max(1, to - from)) * 300).toFixed(1)},${(110 - Math.min(110, celsius)).toFixed(1)}`).join(' ');
    const box = document.createElement('div');
    box.innerHTML = `<svg viewBox="0 0 300 112" class="c-curve" role="img" aria-label="The probe's curve"><polyline points="${points}" fill="none" stroke="#a1231d" stroke-width="2.5"/></svg>`;
    return box;
};
let devicesOpen = false;
const devices = () => {
    const box = el('details', { class: 'c-devices', open: devicesOpen }, el('summary', {}, scale ? 'Scale and probe' : 'Connect a scale or a probe'),
        el('div', { class: 'c-row' },
            el('label', { class: 'c-check' }, Object.assign(el('input', { type: 'checkbox', class: 'h-7 w-7 accent-cobalt', onchange: (event) => { tare = event.target.checked; keep('tare', tare); render(); } }), { checked: tare }), ' I set the scale to zero each time'),
            'serial' in navigator ? button('Scale on a cable', () => serial().catch(() => tell('No scale was chosen.'))) : null,
            'bluetooth' in navigator ? button('Scale by Bluetooth', () => bluetooth('weight_scale', 'weight_measurement', (bytes) => reading(() => weight(bytes))).catch(() => tell('No scale was chosen.'))) : null,
            'bluetooth' in navigator ? button('Probe by Bluetooth', () => bluetooth('health_thermometer', 'temperature_measurement', probed).catch(() => tell('No probe was chosen.'))) : null),
        el('p', { class: 'c-soft' }, 'Without one: the drawn scale'),
        el('p', { class: 'c-face figure', id: 'face' }, `${Number(drawn).toFixed(1)} g`),
        el('div', { class: 'c-row' }, el('button', { type: 'button', class: 'c-button', id: 'pour', ...hold(4) }, 'Pour'), el('button', { type: 'button', class: 'c-button', id: 'trickle', ...hold(0.5) }, 'Trickle'), el('button', { type: 'button', class: 'c-button', id: 'scoop', ...hold(-4) }, 'Spoon out'), button('Empty it', () => pour(-drawn, true))),
        el('p', { class: 'c-soft' }, 'and the drawn probe: ', el('span', { class: 'figure', id: 'probe-face' }, probe === null ? '–' : `${probe.toFixed(1)} °C`)),
        el('input', { type: 'range', class: 'c-range', min: '15', max: '105', value: String(probe ?? 20), 'aria-label': 'Heat of the drawn probe, °C', oninput: (event) => probed(heatOf(Number(event.target.value))) }),
        probeSays ? el('p', { class: 'c-soft' }, probeSays) : null, curve());
    box.addEventListener('toggle', () => { devicesOpen = box.open; });
    return box;
};

// ---- Light, cover, keys.
const awake = async () => { try { await navigator.wakeLock?.request('screen'); } catch { /* the battery decides */ } };
document.addEventListener('visibilitychange', () => { if (!document.hidden) { awake(); poll(); tick(); } });
window.addEventListener('online', flush);
document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape' && !over.hidden && !ringing) close();
    if (event.target.closest('input, select, textarea') || !over.hidden) return;
    const task = current();
    if (task && event.key === 'ArrowRight') next(task);
    if (task && event.key === 'ArrowLeft') go(run.tasks[Math.max(0, run.tasks.indexOf(task) - 1)]);
});
if (run.ended) document.getElementById('end').remove();
navigator.serviceWorker?.register('/counter-worker.js', { scope: '/counter/' }).catch(() => {});
awake();
render();
flush();
setInterval(tick, 500);
setInterval(poll, 1000);
