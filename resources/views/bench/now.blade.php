@php $recipe = $page->dessert->recipe; @endphp
<div class="min-w-0">
    <h1 class="text-3xl text-cobalt lg:text-4xl">{{ $page->title() }}</h1>
    <p class="mt-1 text-soft">
        {{ $page->pieces() }} {{ $page->conversion->recipe->pieceWord((float) $page->pieces()) }} of {{ $page->pieceMass($page->conversion->after) }} g as mixed @if ($page->conversion->brief->batch->scale !== 1.0) · {{ App\View\Figures::count($page->conversion->brief->batch->scale) }} times the recipe @endif
        @if ($recipe) · <a href="{{ $page->path('bench/versions') }}">version {{ $recipe->latest->number }}</a> @else · not kept yet: <a href="/sign-up">open a kitchen</a> or <a href="/sign-in">sign in</a> to keep it @endif
    </p>
</div>
<p class="flex items-center gap-x-4 max-sm:gap-x-3" id="net" data-seen="{{ $page->dessert->revision() }}"
    data-said="Now {{ $page->net($page->conversion->after) }} grams net carbs a {{ $page->pieceWord() }}, as written {{ $page->net($page->conversion->before) }}.">
    @if (! $page->isAsItWas())<span class="figure text-3xl text-soft line-through decoration-2 max-sm:text-xl"><span class="sr-only">as written </span>{{ $page->net($page->conversion->before) }}</span>@endif
    <span class="figure font-serif text-6xl leading-none font-semibold" data-net="after">{{ $page->net($page->conversion->after) }}</span>
    <span class="text-[15px] leading-snug text-soft max-sm:text-sm">g net carbs a {{ $page->pieceWord() }}@if ($page->isMean()), on average @endif<br>likely {{ $page->range($page->conversion->after) }}, counted <a href="/almanac#conventions">{{ $page->conversion->brief->convention->value }}</a><br>total carbohydrate <span class="figure text-ink">{{ $page->total() }}</span> g</span>
</p>
