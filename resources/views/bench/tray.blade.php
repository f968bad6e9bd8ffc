{{-- What a wish can move stands in parts of its own, each of which `moved` can send alone. --}}
<div id="bench" data-parted>
    <svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
    <defs>
        <pattern id="hatch-browning" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="7"
            height="7" fill="#eadfd2"/><path d="M0 0V7" stroke="#7a4a2b" stroke-width="2"/></pattern>
        <pattern id="hatch-grain" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)"><rect width="7" height="7"
            fill="#dcebef"/><path d="M0 0V7" stroke="#2f7a8a" stroke-width="2"/></pattern>
        <pattern id="hatch-cool" width="8" height="8" patternUnits="userSpaceOnUse"><rect width="8" height="8" fill="#d5e3ee"
            fill-opacity=".5"/><circle cx="4" cy="4" r="1.6" fill="#1d3f91"/></pattern>
        <pattern id="hatch-body" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6"
            fill="#e6e0f1"/><path d="M0 3H6" stroke="#7b5ea7" stroke-width="1.6"/></pattern>
        <pattern id="hatch-tolerance" width="8" height="8" patternUnits="userSpaceOnUse"><rect width="8" height="8"
            fill="#f4d9d7"/><path d="M0 0 8 8M8 0 0 8" stroke="#a1231d" stroke-width="1.2"/></pattern>
    </defs>
    </svg>
    @include('bench.head', ['here' => ''])
    <div id="outlook">@include('bench.outlook')</div>
    @if ($page->asksHowCounted()) @include('bench.counts') @endif
    <x-live-form to="{{ $page->path('bench/undo') }}" into="#bench" swap="outerHTML" id="undo-form"></x-live-form>
    <x-live-form to="{{ $page->path('bench/redo') }}" into="#bench" swap="outerHTML" id="redo-form"></x-live-form>
    <div class="mt-4 grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_350px]">
        <div class="grid min-w-0 gap-4">
            <div id="gains" class="contents">@include('bench.ways', ['part' => 'gains'])</div>
            <section id="lanes" class="tray px-4 pt-3 pb-2" aria-label="The weave: as written beside swapped">
                @include('bench.lanes')
            </section>
        </div>
        <div class="grid content-start gap-4">
            <div id="mix" class="contents">@include('bench.triangle')</div>
            <section id="wished" class="tray p-4" aria-label="Your swap">
                @include('bench.wishes')
            </section>
            <div id="others" class="contents">@include('bench.ways', ['part' => 'others'])</div>
        </div>
    </div>
    <div id="below">@include('bench.below')</div>
    <div class="mt-6 flex flex-wrap gap-3">
        @if ($page->dessert->recipe)
            <a class="button" href="/shelf">To the Shelf</a>
            <form method="post"
                action="{{ $page->path('bench/version') }}">@csrf<button class="button">Keep this version and start the next</button></form>
        @endif
    </div>
    <p class="mt-3 text-[15px] text-soft">Take it with you, swapped: <a href="{{ $page->path('bench/swapped.txt') }}">text</a>, <a href="{{ $page->path('bench/swapped.csv') }}">table</a>, <a href="{{ $page->path('bench/swapped.json') }}">schema.org recipe</a>; as written: <a href="{{ $page->path('bench/written.txt') }}">text</a>, <a href="{{ $page->path('bench/written.csv') }}">table</a>, <a href="{{ $page->path('bench/written.json') }}">schema.org recipe</a>.</p>
</div>
