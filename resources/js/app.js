import htmx from 'htmx.org';
import './cuts.js';
import Alpine from '@alpinejs/csp';
import './bag.js';
import './day.js';
import './meter.js';

document.documentElement.classList.add('js');
// What is drawn from the oldest to the newest shows the newest first.
for (const line of document.querySelectorAll('[data-newest]')) line.scrollLeft = line.scrollWidth;
window.htmx = htmx;

// What is typed into a marked field outlives a reload, a failed request and a killed server. It is let go once the
// server says that it has it, and when the field stands on something else than it did while it was typed.
const kept = (field) => `kept:${location.pathname}:${field.dataset.keep}`;
const keep = (root) => {
    for (const field of root.querySelectorAll('[data-keep]')) {
        const before = JSON.parse(sessionStorage.getItem(kept(field)) ?? 'null');
        if (before && before.base === field.defaultValue && field.value === field.defaultValue) field.value = before.typed;
    }
};
const letGo = (isTaken) => {
    for (const key of Object.keys(sessionStorage).filter((name) => name.startsWith('sent:'))) {
        if (isTaken && !document.querySelector('.fault')) sessionStorage.removeItem(key.slice(5));
        sessionStorage.removeItem(key);
    }
};
letGo(document.querySelector('meta[name=kept]') !== null);
keep(document);
document.addEventListener('input', ({ target }) => {
    if (target.dataset?.keep) sessionStorage.setItem(kept(target), JSON.stringify({ base: target.defaultValue, typed: target.value }));
});
document.addEventListener('submit', ({ target }) => {
    for (const field of target.querySelectorAll('[data-keep]')) sessionStorage.setItem(`sent:${kept(field)}`, '1');
});

Alpine.data('slider', () => ({
    value: '',
    init() {
        this.value = this.$refs.input.value;
    },
    move() {
        this.value = this.$refs.input.value;
    },
}));

Alpine.data('line', () => ({
    toggle() {
        this.$refs.panel.hidden = !this.$refs.panel.hidden;
        this.$refs.button.setAttribute('aria-expanded', String(!this.$refs.panel.hidden));
        if (!this.$refs.panel.hidden) {
            this.$refs.panel.querySelector('input:not([type=hidden])')?.focus();
        }
    },
}));

// A form whose answer is a page of its own address: it goes there as soon as something is chosen.
Alpine.data('goes', () => ({
    go() {
        this.$root.requestSubmit();
    },
}));

// The triangle: the bead follows the pointer or the arrow keys. One request is on its way at a time, with the latest
// shares behind it; what comes back while the bead is elsewhere leaves it there.
const CORNERS = [[150, 26], [22, 238], [278, 238]];
const sharesAt = (x, y) => {
    const [[ax, ay], [bx, by], [cx, cy]] = CORNERS;
    const area = (by - cy) * (ax - cx) + (cx - bx) * (ay - cy);
    const a = ((by - cy) * (x - cx) + (cx - bx) * (y - cy)) / area;
    const b = ((cy - ay) * (x - cx) + (ax - cx) * (y - cy)) / area;
    const kept = [a, b, 1 - a - b].map((share) => Math.max(0, share));
    const sum = kept[0] + kept[1] + kept[2];
    return kept.map((share) => share / sum);
};
Alpine.data('blend', () => ({
    held: false,
    busy: false,
    mine: null,
    sent: null,
    init() {
        this.$root.addEventListener('htmx:finally:request', () => this.answered());
        document.addEventListener('htmx:after:swap', () => { if (this.mine) this.show(this.mine); });
    },
    shares() {
        return this.mine ?? sharesAt(Number(this.$refs.bead.getAttribute('cx')), Number(this.$refs.bead.getAttribute('cy')));
    },
    show(shares) {
        const [x, y] = [0, 1].map((side) => shares.reduce((sum, share, i) => sum + share * CORNERS[i][side], 0).toFixed(1));
        for (const dot of [this.$refs.bead, this.$refs.hold]) {
            dot.setAttribute('cx', x);
            dot.setAttribute('cy', y);
        }
        this.$root.querySelectorAll('input[name="shares[]"]').forEach((field, i) => { field.value = (shares[i] * 100).toFixed(1); });
    },
    place(shares) {
        this.mine = shares;
        this.show(shares);
        if (!this.busy) this.send();
    },
    send() {
        this.busy = true;
        this.sent = this.mine;
        this.$root.dispatchEvent(new CustomEvent('blend'));
    },
    answered() {
        this.busy = false;
        if (this.mine !== this.sent) this.send();
        else if (!this.held) this.mine = null;
    },
    at(event) {
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.$refs.svg.getScreenCTM().inverse());
        this.place(sharesAt(point.x, point.y));
    },
    grab(event) {
        this.held = true;
        this.$refs.hold.setPointerCapture(event.pointerId);
        this.$refs.bead.focus({ preventScroll: true });
    },
    drag(event) {
        if (this.held) this.at(event);
    },
    drop() {
        this.held = false;
        if (!this.busy) this.mine = null;
    },
    key(event) {
        const step = event.shiftKey ? 0.1 : 0.02;
        const move = { ArrowUp: [step, -step / 2, -step / 2], ArrowDown: [-step, step / 2, step / 2], ArrowLeft: [0, step, -step], ArrowRight: [0, -step, step] }[event.key];
        if (!move) return;
        event.preventDefault();
        const next = this.shares().map((share, i) => Math.max(0, share + move[i]));
        const sum = next[0] + next[1] + next[2];
        this.place(next.map((share) => share / sum));
    },
}));

// A line or a part of the weave opens in place: one listener for them all. What opened has the focus then and is said;
// what was closed gives it back to its name.
let opened = null;
let closed = null;
document.addEventListener('click', (event) => {
    const link = event.target.closest('a[data-line], a[data-part]');
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.button !== 0) return;
    event.preventDefault();
    opened = link.dataset.line ? `[data-open-line="${CSS.escape(link.dataset.line)}"]` : `[data-open-part="${CSS.escape(link.dataset.part)}"]`;
    htmx.ajax('GET', link.href.split('#')[0], { source: link, target: '#bench', swap: 'outerMorph' });
});
document.addEventListener('click', (event) => {
    const panel = event.target.closest('[data-close]')?.closest('[data-open-line], [data-open-part]');
    if (panel) closed = [`#${CSS.escape(panel.id)}`, panel.dataset.openLine ? `a[data-line="${CSS.escape(panel.dataset.openLine)}"]` : `a[data-part="${CSS.escape(panel.dataset.openPart)}"]`];
});

// Keys of the Bench; they rest while something is being typed.
document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea, dialog')) return;
    const keys = document.getElementById('keys');
    if (!keys) return;
    if (event.key === '?') keys.showModal();
    if (localStorage.getItem('letters') === 'off') return;
    if (event.key === 'u' || event.key === 'r') document.querySelector(`[data-key="${event.key}"]`)?.click();
    if (event.key === 'm') document.querySelector('#blend [role=slider]')?.focus();
    if (event.key === 'p') { event.preventDefault(); document.getElementById('pieces')?.focus(); }
    if (event.key === 'b') document.querySelector('a[href*="/counter/"].button')?.click();
});

// Single letters are no help to everybody: who speaks to the machine, or rests a hand on the keys, turns them off.
const letters = document.getElementById('letters');
if (letters) {
    letters.checked = localStorage.getItem('letters') !== 'off';
    letters.addEventListener('change', () => localStorage.setItem('letters', letters.checked ? 'on' : 'off'));
}

// What was changed by a swap is said, and the focus and the page stay where they were.
const place = (element) => (element?.id ? `#${CSS.escape(element.id)}`
    : element?.name ? `[name="${CSS.escape(element.name)}"]${element.type === 'submit' || element.type === 'checkbox' ? `[value="${CSS.escape(element.value)}"]` : ''}`
    : element?.dataset?.line ? `a[data-line="${CSS.escape(element.dataset.line)}"]`
    : element?.dataset?.part ? `a[data-part="${CSS.escape(element.dataset.part)}"]`
    : element?.dataset?.key ? `[data-key="${CSS.escape(element.dataset.key)}"]` : null);
const isSeen = (element) => {
    const { top, bottom } = element.getBoundingClientRect();
    return bottom > 0 && top < innerHeight;
};
// What the eye is on: what was pressed or has the focus, or else the first thing with a name that is in sight.
const looked = (pressed) => {
    const near = [pressed, document.activeElement].find((element) => element && element !== document.body && place(element) && isSeen(element));
    if (near) return near;
    return [...document.querySelectorAll('#main [id], main [id]')].find((element) => element.getBoundingClientRect().top >= 0 && isSeen(element));
};
let held = null;
let anchor = null;
document.addEventListener('htmx:before:swap', (event) => {
    held = place(document.activeElement);
    const element = looked(event.detail.ctx?.sourceElement);
    anchor = element ? [place(element), element.getBoundingClientRect().top] : null;
});
const settle = () => {
    const panel = opened ? document.querySelector(opened) : null;
    if (panel) {
        opened = null;
        panel.focus({ preventScroll: true });
        const said = document.getElementById('said');
        if (said) said.textContent = panel.getAttribute('aria-label') ?? '';
    } else if (closed && !document.querySelector(closed[0])) {
        document.querySelector(closed[1])?.focus({ preventScroll: true });
        closed = null;
    } else if (held && document.activeElement === document.body) {
        document.querySelector(held)?.focus({ preventScroll: true });
    }
    const element = anchor && anchor[0] ? document.querySelector(anchor[0]) : null;
    if (element) scrollBy({ top: element.getBoundingClientRect().top - anchor[1], behavior: 'instant' });
    if (panel && !isSeen(panel)) panel.scrollIntoView({ block: 'nearest', behavior: 'instant' });
};

// Which revision this page shows, so that what another tab changed in the meantime is not undone by it.
document.addEventListener('htmx:config:request', (event) => {
    const seen = document.querySelector('[data-seen]')?.dataset.seen;
    if (seen !== undefined) event.detail.ctx.request.headers['X-Seen'] = seen;
    // A page that is made of parts gets only those that move; one that shows a fault gets that part anew as well.
    if (document.querySelector('#bench[data-parted]')) {
        event.detail.ctx.request.headers['X-Parts'] = document.querySelector('#wished .fault') ? 'faulty' : 'whole';
        const woven = [...document.querySelectorAll('#lanes [data-woven]')].map((group) => group.dataset.woven);
        if (woven.length > 0) event.detail.ctx.request.headers['X-Woven'] = woven.join(' ');
        // What stands open stays so, with what was typed into it.
        const { openLine, openPart } = document.querySelector('[data-open-line], [data-open-part]')?.dataset ?? {};
        if (openLine) event.detail.ctx.request.headers['X-Line'] = openLine;
        if (openPart) event.detail.ctx.request.headers['X-Part'] = openPart;
    }
});

// What lies folded is drawn when it is opened, and what lies below when it comes into view: an answer has what was looked
// at when it was asked for.
const inView = new Set();
const isLookedAt = (part) => (part.matches('details') ? part.open : inView.has(part));
const draw = () => {
    for (const rest of document.querySelectorAll('[data-lazy] > [data-rest]')) {
        if (isLookedAt(rest.parentElement)) htmx.trigger(rest, 'unfold');
    }
};
const watcher = new IntersectionObserver((entries) => {
    for (const { target, isIntersecting } of entries) inView[isIntersecting ? 'add' : 'delete'](target);
    draw();
}, { rootMargin: '300px' });
const watch = () => {
    for (const part of document.querySelectorAll('section[data-lazy]')) watcher.observe(part);
    draw();
};
document.addEventListener('toggle', draw, true);
document.addEventListener('htmx:after:swap', watch);
watch();
document.addEventListener('htmx:config:request', (event) => {
    const looked = [...document.querySelectorAll('[data-lazy]')].filter(isLookedAt).map((part) => part.dataset.lazy);
    if (looked.length > 0) event.detail.ctx.request.headers['X-Open'] = looked.join(' ');
});

// Where each field stands for itself, those are sent that were changed, until the server has taken them.
const unsaid = new Set();
const fieldsOf = (element) => (element?.matches?.('form[data-each]') ? element : null);
document.addEventListener('change', ({ target }) => {
    if (fieldsOf(target.form) && target.name) unsaid.add(target.name);
}, true);
document.addEventListener('htmx:config:request', ({ detail: { ctx } }) => {
    if (!fieldsOf(ctx.sourceElement) || ctx.sourceEvent?.type !== 'change') return;
    const form = ctx.sourceElement;
    ctx.said = [...unsaid];
    for (const name of new Set(ctx.request.body.keys())) {
        if (!unsaid.has(name) && form.elements[name]?.type !== 'hidden') ctx.request.body.delete(name);
    }
});
document.addEventListener('htmx:after:request', ({ detail: { ctx } }) => {
    if (ctx.response?.status < 300) for (const name of ctx.said ?? []) unsaid.delete(name);
});

const number = document.getElementById('net');
if (number) document.getElementById('said')?.setAttribute('data-net', number.textContent);

// A request that never reached the server leaves the page as it is and says so.
document.addEventListener('htmx:error', () => {
    const notice = document.getElementById('offline');
    if (notice) notice.hidden = false;
});
let isKept = false;
document.addEventListener('htmx:after:request', ({ detail: { ctx } }) => { isKept = ctx.response?.status < 300; });
document.addEventListener('htmx:after:swap', () => {
    letGo(isKept);
    keep(document);
    settle();
    const said = document.getElementById('said');
    const net = document.getElementById('net');
    if (said && net && said.dataset.net !== net.textContent) {
        said.dataset.net = net.textContent;
        said.textContent = net.dataset.said ?? '';
    }
    const notice = document.getElementById('offline');
    if (notice) notice.hidden = true;
});

// A link into something folded away opens it.
document.addEventListener('click', (event) => {
    const folded = document.getElementById(event.target.closest?.('[data-opens]')?.dataset.opens ?? '');
    if (folded) folded.open = true;
});

// A label is typed in the order in which the law of its country prints it.
for (const law of document.querySelectorAll('[data-law-of]')) law.addEventListener('change', () => { document.querySelector(law.dataset.lawOf).dataset.law = law.value; });

// A list is found by typing: each word of it stands somewhere in what is left.
for (const field of document.querySelectorAll('[data-find]')) {
    const list = document.querySelector(field.dataset.find);
    field.addEventListener('input', () => {
        const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
        let left = 0;
        for (const row of list.children) {
            row.hidden = !words.every((word) => row.textContent.toLowerCase().includes(word));
            left += row.hidden ? 0 : 1;
        }
        const none = document.getElementById(`${list.id}-none`);
        if (none) none.hidden = left > 0;
    });
}

// What was ticked stays so over a search, on another page of the list and after a reload: what is not in sight is sent as
// well.
for (const form of document.querySelectorAll('form[data-ticks]')) {
    const name = `ticks:${form.dataset.ticks}`;
    const ticked = new Set(JSON.parse(sessionStorage.getItem(name) ?? '[]'));
    const boxes = () => [...document.querySelectorAll(`input[type=checkbox][form="${form.id}"]`)];
    const show = () => {
        sessionStorage.setItem(name, JSON.stringify([...ticked]));
        const seen = new Set(boxes().map((box) => { box.checked = ticked.has(box.value); return box.value; }));
        for (const old of form.querySelectorAll('input[type=hidden]')) old.remove();
        for (const value of ticked) {
            if (!seen.has(value)) form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'desserts[]', value }));
        }
        form.querySelector('[data-ticked]').textContent = ticked.size ? `${ticked.size} chosen:` : 'Tick desserts to';
        form.querySelector('[data-untick]').hidden = !ticked.size;
    };
    document.addEventListener('change', ({ target }) => {
        if (!target.matches?.(`input[type=checkbox][form="${form.id}"]`)) return;
        ticked[target.checked ? 'add' : 'delete'](target.value);
        show();
    });
    form.querySelector('[data-untick]').addEventListener('click', () => { ticked.clear(); show(); });
    document.addEventListener('htmx:after:swap', show);
    show();
}

for (const button of document.querySelectorAll('[data-print]')) {
    button.hidden = false;
    button.addEventListener('click', () => print());
}

Alpine.start();
