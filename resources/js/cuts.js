// The pan from above: a cut is dragged, or the arrows change how many there are; the form beside it does the rest.
const form = () => document.getElementById('across')?.form;
const most = 20;
const put = (across, along) => {
    const fields = form();
    if (!fields) return;
    fields.elements.across.value = Math.min(most, Math.max(1, across));
    fields.elements.along.value = Math.min(most, Math.max(1, along));
    fields.requestSubmit();
};
const at = (svg, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());

let held = null;
document.addEventListener('pointerdown', (event) => {
    const line = event.target.closest?.('#cuts .cut-line');
    if (!line) return;
    const svg = line.closest('svg');
    const isAcross = line.dataset.way === 'across';
    const same = [...svg.querySelectorAll(`.cut-line[data-way="${line.dataset.way}"]`)];
    held = { svg, line, isAcross, number: same.indexOf(line) + 1, count: Number(svg.dataset[line.dataset.way]), from: at(svg, event), to: null };
    event.preventDefault();
});
document.addEventListener('pointermove', (event) => {
    if (!held) return;
    held.to = at(held.svg, event);
    const by = held.isAcross ? held.to.x - held.from.x : held.to.y - held.from.y;
    held.line.setAttribute('transform', held.isAcross ? `translate(${by} 0)` : `translate(0 ${by})`);
});
document.addEventListener('pointerup', () => {
    if (!held) return;
    const { svg, line, isAcross, number, to } = held;
    held = null;
    line.removeAttribute('transform');
    if (!to) return;
    const whole = Number(isAcross ? svg.dataset.width : svg.dataset.height);
    const where = Math.max(1, isAcross ? to.x : to.y);
    const count = Math.round((whole * number) / where);
    put(isAcross ? count : Number(svg.dataset.across), isAcross ? Number(svg.dataset.along) : count);
});
document.addEventListener('keydown', (event) => {
    const svg = event.target.closest?.('#cuts');
    const by = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[event.key];
    if (!svg || !by) return;
    event.preventDefault();
    put(Number(svg.dataset.across) + by[0], Number(svg.dataset.along) + by[1]);
});

// Any amount of the scaled recipe may be typed: the others follow it.
document.addEventListener('change', (event) => {
    const cell = event.target.closest?.('[data-have]');
    const fields = document.getElementById('have')?.form;
    if (!cell || !fields) return;
    fields.elements.have.value = cell.value;
    fields.elements.line.value = cell.dataset.have;
    fields.requestSubmit();
});

// A way of portioning that needs nothing more takes effect as it is chosen.
document.addEventListener('change', (event) => {
    const chosen = event.target.closest?.('[name="portion-by"]')?.value;
    if (!['pieces', 'grid', 'scoop'].includes(chosen)) return;
    document.querySelector(`form.portion:has([name="way"][value="${chosen}"])`)?.requestSubmit();
});
