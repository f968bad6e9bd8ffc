<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false"><symbol id="g-sweet" viewBox="0 0 16 16"><path d="M8 1 15 8 8 15 1 8Z"
    fill="currentColor"/></symbol><symbol id="g-body" viewBox="0 0 16 16"><path d="M1 3h14v3H1zM1 10h14v3H1z"
    fill="currentColor"/></symbol><symbol id="g-fat" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6.5"
    fill="currentColor"/></symbol><symbol id="g-egg" viewBox="0 0 16 16"><ellipse cx="8" cy="8" rx="4.6" ry="6.4" fill="none" stroke="currentColor"
    stroke-width="2.6"/></symbol><symbol id="g-wet" viewBox="0 0 16 16"><path d="M1 6q3.5-4 7 0t7 0M1 12q3.5-4 7 0t7 0" fill="none"
    stroke="currentColor" stroke-width="2.4"/></symbol><symbol id="g-binder" viewBox="0 0 16 16"><path d="M2 2l12 12M14 2 2 14" stroke="currentColor"
    stroke-width="2.8"/></symbol><symbol id="g-lift" viewBox="0 0 16 16"><path d="M8 2l7 12H1Z" fill="currentColor"/></symbol><symbol id="g-mixin"
    viewBox="0 0 16 16"><path d="M2 2h5v5H2zM9 9h5v5H9z" fill="currentColor"/></symbol><symbol id="g-flavour"
    viewBox="0 0 16 16"><path d="M8 1v14M1 8h14" stroke="currentColor" stroke-width="2.8"/></symbol></svg>
