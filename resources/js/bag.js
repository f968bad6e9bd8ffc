// A bag in the Pantry: its level is dragged, or moved by the arrows; what is let go of is sent.
const top = 10;
const floor = 68;
const show = (range) => {
    const part = Number(range.value) / Number(range.max);
    range.form.querySelector('.bag-fill').setAttribute('y', floor - (floor - top) * part);
    const said = range.closest('li').querySelector('[data-left]');
    const grams = `${Math.round(Number(range.value))} g`;
    range.setAttribute('aria-valuetext', grams);
    if (said) said.textContent = grams;
};
document.addEventListener('input', ({ target }) => {
    if (target.closest?.('[data-bag]')) show(target);
});
document.addEventListener('change', ({ target }) => {
    if (!target.closest?.('[data-bag]')) return;
    target.value = Math.round(Number(target.value));
    target.form.requestSubmit();
});
let wait = null;
document.addEventListener('keydown', (event) => {
    const range = event.target;
    if (!range.closest?.('[data-bag]')) return;
    const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (!way) return;
    event.preventDefault();
    range.value = Number(range.value) + way * Number(range.dataset.step);
    show(range);
    // Held down or pressed again, it is sent once, when the hand rests.
    clearTimeout(wait);
    wait = setTimeout(() => range.form.requestSubmit(), 700);
});
