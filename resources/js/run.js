// What has been done at a bake, folded from its events: the twin of core/Trial/Doing, so that the Counter works without network.
export const fold = (events) => {
    const state = { done: {}, weighed: {}, timers: {}, pieces: [], probe: [], factor: 1, mixed: null, remedies: [], finished: null };
    for (const { kind, data, at } of events) {
        const { task = '', food = '', grams, timer = '' } = data;
        switch (kind) {
            case 'tick': state.done[task] = at; break;
            case 'untick': delete state.done[task]; break;
            case 'weigh': (state.weighed[task] ??= {})[food] = grams; break;
            case 'unweigh': if (state.weighed[task]) delete state.weighed[task][food]; break;
            case 'taste': (state.weighed[task] ??= {})[food] = (state.weighed[task][food] ?? 0) + grams; break;
            case 'timer': state.timers[timer] = { id: timer, task, name: data.name, ends: data.ends, started: at, stopped: null }; break;
            case 'timer-ends': if (state.timers[timer]) state.timers[timer].ends = data.ends; break;
            case 'timer-stop': if (state.timers[timer]) state.timers[timer].stopped = at; break;
            case 'piece': state.pieces.push(grams); break;
            case 'unpiece': state.pieces.pop(); break;
            case 'mixed': state.mixed = grams; break;
            case 'factor': state.factor = data.factor; break;
            case 'probe': state.probe.push([data.celsius, at]); break;
            case 'remedy': state.remedies.push(data.words); break;
            case 'finish': state.finished = at; break;
            case 'resume': state.finished = null; break;
        }
    }
    return state;
};

// All tasks that lie before one: what they took is in its bowl.
export const before = (tasks, task) => {
    const byId = Object.fromEntries(tasks.map((one) => [one.id, one]));
    const found = new Set();
    const queue = [...task.after];
    while (queue.length) {
        const id = queue.pop();
        if (byId[id] && !found.has(id)) {
            found.add(id);
            queue.push(...byId[id].after);
        }
    }
    return tasks.filter((one) => found.has(one.id));
};

// What the bowl holds before a thing goes in: all that was weighed on the way, or as much as was asked for.
export const inBowl = (run, state, task, upTo) => {
    const target = (use) => use.grams * state.factor;
    const sum = (one, uses) => uses.reduce((grams, use) => grams + (state.weighed[one.id]?.[use.food] ?? (one === task ? 0 : target(use))), 0);
    return before(run.tasks, task).reduce((grams, one) => grams + sum(one, one.uses), 0) + sum(task, task.uses.slice(0, upTo));
};

// Things that should have gone in before a task and have not.
export const missing = (run, state, task) => before(run.tasks, task).flatMap((one) => one.uses
    .filter((use) => state.weighed[one.id]?.[use.food] === undefined && !state.done[one.id]).map((use) => ({ task: one, use })));

export const clock = (ms) => {
    const seconds = Math.max(0, Math.ceil(ms / 1000));
    const two = (n) => String(n).padStart(2, '0');
    return seconds >= 3600 ? `${Math.floor(seconds / 3600)}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}` : `${two(Math.floor(seconds / 60))}:${two(seconds % 60)}`;
};
const point = (said) => (globalThis.document?.documentElement.dataset.comma ? said.replace('.', ',') : said);
export const grams = (g) => (Math.abs(g) < 10 ? point((Math.round(g * 10) / 10).toString()) : Math.round(g).toString());
