@php
    use App\View\Figures;
    $recipe = $page->dessert->recipe;
@endphp
<div id="bench" data-seen="{{ $page->dessert->revision() }}">
    @include('bench.head', ['here' => ''])
    @include('bench.collisions')
    @if ($page->isAsItWas())
        <p class="strip mt-3 flex items-center justify-between gap-4 text-lg max-md:flex-wrap"><span>Already low-carb as it is: nothing here needs a swap. See <a href="{{ $page->path('bench/account') }}">what carries the carbs</a> that there are.</span><a class="button button-main shrink-0"
            href="{{ $page->path('counter') }}">Bake it</a></p>
    @else
        @include('bench.strip')
    @endif
    <div class="mt-4 grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_350px]">
        <div class="grid min-w-0 gap-4">
        @includeWhen($page->isAsItWas(), 'bench.ways', ['heading' => 'What could still be gained', 'offer' => 'See what could be gained, and at what price'])
        <section class="tray px-4 pt-3 pb-2" aria-label="The weave: as written beside swapped">
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
            <x-live-form to="{{ $page->path('bench/undo') }}" into="#bench" swap="outerHTML" id="undo-form"></x-live-form>
            <x-live-form to="{{ $page->path('bench/redo') }}" into="#bench" swap="outerHTML" id="redo-form"></x-live-form>
            @if ($page->isFolded())
            <details><summary class="cursor-pointer py-2">All {{ count($page->conversion->recipe->lines) }} lines stay as they are written</summary>
            @endif
            <div class="weave">
                @include('bench.weave')
            </div>
            @if ($page->isFolded())</details>@endif
            @include('bench.text')
        </section>
        </div>
        <div class="grid content-start gap-4">
            @include('bench.triangle')
            @include('bench.wishes')
            @includeUnless($page->isAsItWas(), 'bench.ways', ['heading' => 'Other ways', 'offer' => 'Show up to three clearly different ones'])
        </div>
    </div>

    <details class="tray mt-4 p-4" id="differences" data-lazy="differences" @if ($page->isOpen('differences')) open @endif>
        <summary class="cursor-pointer font-serif text-xl">How it will differ, figure by figure</summary>
        @if ($page->draws('differences')) @include('bench.differences') @else {{ $page->rest('differences') }} @endif
    </details>
    <section class="tray mt-4 px-4 pt-3 pb-4" id="ladder" data-lazy="ladder" aria-label="The ladder: what carries the carbs of a piece">
        <h2 class="text-xl">What carries the carbs</h2>
        @if ($page->draws('ladder')) @include('bench.ladder') @else {{ $page->rest('ladder') }} @endif
    </section>

    @if ($page->conversion->warnings !== [])
        <section class="mt-4" aria-label="Take care">
            <h2 class="text-xl">Take care</h2>
            <ul class="mt-1 max-w-[80ch] list-disc pl-5">
                @foreach ($page->conversion->warnings as $warning)<li>{{ $warning->sentence }}</li>@endforeach
            </ul>
        </section>
    @endif
    <div class="mt-6 flex flex-wrap gap-3">
        @if ($recipe)
            <a class="button" href="/shelf">To the Shelf</a>
            <form method="post"
                action="{{ $page->path('bench/version') }}">@csrf<button class="button">Keep this version and start the next</button></form>
        @endif
    </div>
    <p class="mt-3 text-[15px] text-soft">Take it with you, swapped: <a href="{{ $page->path('bench/swapped.txt') }}">text</a>, <a href="{{ $page->path('bench/swapped.csv') }}">table</a>, <a href="{{ $page->path('bench/swapped.json') }}">schema.org recipe</a>; as written: <a href="{{ $page->path('bench/written.txt') }}">text</a>, <a href="{{ $page->path('bench/written.csv') }}">table</a>, <a href="{{ $page->path('bench/written.json') }}">schema.org recipe</a>.</p>
</div>
