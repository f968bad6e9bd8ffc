<div class="weave-head border-b border-line pb-1.5 text-[15px] text-soft">
    <h2 class="font-sans text-[15px] font-semibold">{{ $page->isFolded() ? 'The recipe' : 'As written' }}</h2>
    <p class="flex items-center justify-center gap-x-4 max-[720px]:order-last max-[720px]:col-span-3 max-[720px]:justify-start">
        <button form="undo-form" class="link-button min-h-0 py-0 disabled:text-soft disabled:no-underline" data-key="u"
            @disabled($page->dessert->history->past === [])>Undo</button>
        <button form="redo-form" class="link-button min-h-0 py-0 disabled:text-soft disabled:no-underline" data-key="r"
            @disabled($page->dessert->history->future === [])>Redo</button>
        @if ($page->doubtful() > 0)<span class="doubt">{{ $page->doubtful() }} to check</span>@endif</p>
    <h2 class="font-sans text-[15px] font-semibold max-[720px]:col-span-2">{{ $page->isFolded() ? '' : 'Swapped' }}</h2>
</div>
