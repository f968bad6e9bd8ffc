// The lanes of a day: a bar or the flag is dragged, or moved by the arrow keys, and the day is planned anew.
const STEP = 5;

const axis = (svg) => JSON.parse(svg.dataset.axis);
const minuteAt = (svg, x) => {
    const stretches = axis(svg);
    const [a, b, left, right] = stretches.find(([, , , end]) => x <= end) ?? stretches[stretches.length - 1];
    return a + ((x - left) * (b - a)) / Math.max(0.1, right - left);
};
const xAt = (svg, minute) => {
    const stretches = axis(svg);
    const [a, b, left, right] = stretches.find(([, to]) => minute <= to) ?? stretches[stretches.length - 1];
    return left + ((minute - a) * (right - left)) / Math.max(0.1, b - a);
};
const acrossOf = (svg, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse()).x;

// A bar is held by its end where the day has to be ready, and by its start where it begins now.
const anchor = (svg, bar) => Number(svg.dataset.mode === 'ready' ? bar.dataset.end : bar.dataset.start);
const put = (svg, grip, minute) => {
    const at = Math.round(minute);
    if (grip.dataset.ready) {
        const local = new Date((at - Number(grip.dataset.ready)) * 60000 + Date.parse(`${document.getElementById('ready-day').value}T${document.getElementById('ready-time').value}Z`));
        document.getElementById('ready-day').value = local.toISOString().slice(0, 10);
        document.getElementById('ready-time').value = local.toISOString().slice(11, 16);
        document.getElementById('ready-time').form.requestSubmit();
        return;
    }
    const form = document.getElementById('day-move');
    form.elements.key.value = grip.dataset.key;
    form.elements.from.value = anchor(svg, grip);
    form.elements.at.value = at;
    form.requestSubmit();
};

let drag = null;
document.addEventListener('pointerdown', (event) => {
    const grip = event.target.closest?.('.bar, .flag');
    if (!grip || event.button !== 0) return;
    const svg = grip.closest('svg');
    drag = { grip, svg, from: acrossOf(svg, event), by: 0 };
    grip.setPointerCapture(event.pointerId);
});
document.addEventListener('pointermove', (event) => {
    if (!drag) return;
    drag.by = acrossOf(drag.svg, event) - drag.from;
    drag.grip.setAttribute('transform', `translate(${drag.by.toFixed(1)} 0)`);
});
document.addEventListener('pointerup', () => {
    if (!drag) return;
    const { grip, svg, by } = drag;
    drag = null;
    grip.removeAttribute('transform');
    if (Math.abs(by) < 4) return;
    const held = grip.dataset.ready ? Number(grip.dataset.ready) : anchor(svg, grip);
    const moved = minuteAt(svg, xAt(svg, held) + by) - held;
    put(svg, grip, held + Math.round(moved / STEP) * STEP);
});
document.addEventListener('keydown', (event) => {
    const grip = event.target.closest?.('.bar, .flag');
    const way = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
    if (!grip || !way) return;
    event.preventDefault();
    const svg = grip.closest('svg');
    put(svg, grip, (grip.dataset.ready ? Number(grip.dataset.ready) : anchor(svg, grip)) + way);
});

// The clock of the kitchen is that of the machine on which its first day is planned.
for (const field of document.querySelectorAll('[data-zone]')) field.value = Intl.DateTimeFormat().resolvedOptions().timeZone ?? field.value;
