import htmx from 'htmx.org';
import Alpine from '@alpinejs/csp';

window.htmx = htmx;

// What is typed into a marked field outlives a reload and a failed request; it is let go once the server has it.
const kept = (field) => `kept:${location.pathname}:${field.dataset.keep}`;
for (const field of document.querySelectorAll('[data-keep]')) {
    const before = sessionStorage.getItem(kept(field));
    if (before && field.value === '') {
        field.value = before;
    }
    field.addEventListener('input', () => sessionStorage.setItem(kept(field), field.value));
    if (field.dataset.keepDone !== undefined) {
        sessionStorage.removeItem(kept(field));
    }
}
for (const done of document.querySelectorAll('[data-kept-done]')) {
    sessionStorage.removeItem(done.dataset.keptDone);
}

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

// A request that never reached the server leaves the page as it is and says so.
document.addEventListener('htmx:error', () => {
    const notice = document.getElementById('offline');
    if (notice) notice.hidden = false;
});
document.addEventListener('htmx:after:swap', () => {
    const notice = document.getElementById('offline');
    if (notice) notice.hidden = true;
});

Alpine.start();
