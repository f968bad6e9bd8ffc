@php
    use App\View\Figures;
    $document = $page->worked->document;
    $before = $page->worked->before;
    $after = $page->worked->after;
    $recipe = $page->piece->recipe;
@endphp
<div id="bench">
    <div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <div class="min-w-0">
            <h1 class="text-3xl text-cobalt lg:text-4xl">{{ $page->title() }}</h1>
            <p class="mt-1 text-soft">
                {{ $page->pieces() }} {{ $page->worked->recipe->pieceWord((float) $page->pieces()) }} of {{ $page->pieceMass($after) }} g as mixed
                @if ($recipe) · version {{ $recipe->latest->number }} @else · not kept yet: <a href="/sign-up">open a kitchen</a> or <a href="/sign-in">sign in</a> to keep it @endif
            </p>
        </div>
        <p class="flex flex-wrap items-center gap-x-4" id="net">
            <span class="figure text-3xl text-soft line-through decoration-2"><span class="sr-only">as written </span>{{ $page->net($before) }}</span>
            <span class="figure font-serif text-6xl leading-none font-semibold" data-net="after">{{ $page->net($after) }}</span>
            <span class="text-[15px] leading-snug text-soft">g net carbs a {{ $page->pieceWord() }}<br>likely {{ $page->range($after) }}, counted <a href="/almanac#conventions">{{ $document->convention->value }}</a></span>
        </p>
    </div>

    <div class="mt-4 grid gap-4 lg:grid-cols-[minmax(0,1fr)_330px]">
        <section class="tray px-4 pt-3 pb-2" aria-label="The weave: as written beside swapped">
            <div class="weave-head border-b border-line pb-1.5 text-[15px] text-soft">
                <h2 class="font-sans text-[15px] font-semibold">As written</h2>
                <p class="text-center">@if ($page->doubtful() > 0)<span class="doubt">{{ $page->doubtful() }} to check</span>@endif</p>
                <h2 class="font-sans text-[15px] font-semibold">Swapped</h2>
            </div>
            <div class="weave">
                @php $component = null; @endphp
                @foreach ($page->groups() as $group)
                    @if ($component !== $group['component'] && count($page->worked->recipe->components) > 1)
                        <h3 class="mt-3 border-b border-line pb-1 text-lg text-cobalt">{{ $page->worked->recipe->components[$group['component']] ?: 'The dessert' }}</h3>
                    @endif
                    @php $component = $group['component']; @endphp
                    @include('bench.group')
                @endforeach
            </div>
            @include('bench.text')
        </section>

        <div class="grid content-start gap-4 max-lg:order-first">
            @include('bench.wishes')
            <section class="tray p-4 max-lg:hidden" aria-label="How it will differ">
                <h2 class="text-xl">How it will differ</h2>
                @include('bench.differences')
            </section>
        </div>
    </div>

    @include('bench.ladder')

    <section class="tray mt-4 p-4 lg:hidden" aria-label="How it will differ, small screens">
        <h2 class="text-xl">How it will differ</h2>
        @include('bench.differences')
    </section>

    @if ($page->worked->warnings !== [])
        <section class="mt-4" aria-label="Take care">
            <h2 class="text-xl">Take care</h2>
            <ul class="mt-1 max-w-[80ch] list-disc pl-5">
                @foreach ($page->worked->warnings as $warning)<li>{{ $warning->sentence }}</li>@endforeach
            </ul>
        </section>
    @endif
    <div class="mt-6 flex flex-wrap gap-3">
        <a class="button button-main" href="{{ $page->path('counter') }}">Bake it</a>
        @if ($recipe)<a class="button" href="/shelf">To the Shelf</a>@endif
    </div>
    <p class="mt-3 text-[15px] text-soft">Take it with you, swapped: <a href="{{ $page->path('bench/swapped.txt') }}">text</a>, <a href="{{ $page->path('bench/swapped.csv') }}">table</a>, <a href="{{ $page->path('bench/swapped.json') }}">schema.org recipe</a>; as written: <a href="{{ $page->path('bench/written.txt') }}">text</a>, <a href="{{ $page->path('bench/written.csv') }}">table</a>, <a href="{{ $page->path('bench/written.json') }}">schema.org recipe</a>.</p>
</div>
