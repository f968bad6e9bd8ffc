@php
    use Aglyca\Core\Side;
    $recipe = $page->dessert->recipe;
    $looked = ($side ?? Side::Swapped);
    $isSwapped = $looked === Side::Swapped;
    $shown = $page->conversion->account($looked);
    $other = $page->conversion->account($isSwapped ? Side::Written : Side::Swapped);
    $left = $page->leftOut($looked);
    $isAssumed = $page->isYieldAssumed();
@endphp
<div class="min-w-0">
    <h1 class="text-3xl text-cobalt lg:text-4xl">{{ $page->title() }}</h1>
    @if ($isAssumed && ($here ?? '') === '')
        <x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" live class="mt-1 flex flex-wrap items-center gap-x-2">
            <label class="assumed" for="pieces-now">assumed</label>
            <input class="field figure w-20" id="pieces-now" name="pieces" inputmode="decimal" value="{{ $page->pieces() }}"><span>{{ $page->conversion->recipe->pieceWord((float) $page->pieces()) }} of {{ $page->pieceMass($shown) }} g. The recipe does not say.</span>
            <noscript><button class="button">Use this</button></noscript>
        </x-live-form>
    @else
        <p class="mt-1 text-soft">@if ($isAssumed)<a class="assumed" href="{{ $page->path('bench/pieces') }}">assumed</a> @endif{{ $page->pieces() }} {{ $page->conversion->recipe->pieceWord((float) $page->pieces()) }} of {{ $page->pieceMass($shown) }} g as mixed @if ($page->conversion->brief->batch->scale !== 1.0) · {{ App\View\Figures::count($page->conversion->brief->batch->scale) }} times the recipe @endif
    @endif
    <span class="text-soft">@if ($recipe) · <a href="{{ $page->path('bench/versions') }}">version {{ $recipe->latest->number }}</a> @else · not kept yet: <a href="/sign-up">create an account</a> or <a href="/sign-in">sign in</a> to keep it @endif</span>
    @unless ($isAssumed && ($here ?? '') === '')</p>@endunless
</div>
<div id="net" class="min-w-0" data-seen="{{ $page->dessert->revision() }}"
    data-said="Now {{ $page->net($shown) }} grams net and {{ $page->total($shown) }} grams total carbohydrate a {{ $page->pieceWord() }}.">
    <p class="numbers">
        @if ($left !== [])<span class="assumed">at least</span>@endif
        <span><span class="figure number" data-net="{{ $isSwapped ? 'after' : 'before' }}">{{ $page->net($shown) }}</span> g net</span>
        <span><span class="figure number" data-total>{{ $page->total($shown) }}</span> g total carbs</span>
        <span>a {{ $page->pieceWord() }}@if ($page->isMean()), on average @endif</span>
    </p>
    <p class="text-[15px] text-soft">@if ($page->total($shown) !== $page->total($other) || $page->net($shown) !== $page->net($other)){{ $isSwapped ? 'was' : 'the new one has' }} <span class="figure text-ink">{{ $page->net($other) }}</span> net, <span class="figure text-ink">{{ $page->total($other) }}</span> total · @endif net likely {{ $page->range($shown) }}, <a href="/almanac#conventions">{{ $page->counted() }}</a></p>
    @foreach ($left as $why)<p class="doubt">{{ $why }}.</p>@endforeach
    <p class="text-sm text-soft">Do not work out an insulin dose from these numbers: your care team decides how you count.</p>
</div>
