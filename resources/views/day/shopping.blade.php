@php use App\View\Figures; @endphp
<x-page title="Shopping list" here="day" :wide="false">
    <h1 class="text-4xl text-cobalt">Shopping list</h1>
    <p class="mt-1">For {{ $page->desserts() }}, {{ $page->title() }}. <a class="no-print" href="{{ $page->path() }}">Back to the plan</a></p>
    <h2 class="mt-6 text-2xl">To buy</h2>
    <ul class="mt-1">
        @forelse (array_filter($items, fn ($i) => $i->buy > 0) as $item)
            <li class="border-t border-line"><label class="flex min-h-[48px] items-start gap-3 py-2 text-lg"><input class="mt-0.5 h-6 w-6 shrink-0 accent-cobalt"
                type="checkbox"><span>{{ $item->name }}, <span class="figure font-semibold">{{ Figures::grams($item->buy) }} g</span>@if ($item->packages) <span class="text-soft">= {{ $item->packages }} {{ $item->packages === 1 ? 'package' : 'packages' }}@if ($item->price), {{ Figures::money($item->price, $currency) }}@endif</span>@endif @if ($item->there > 0)<span class="block text-[15px] text-soft">{{ Figures::grams($item->needed) }} g needed, {{ Figures::grams($item->there) }} g in the Pantry</span>@endif</span></label></li>
        @empty
            <li class="py-2 text-lg">Nothing: the Pantry holds it all.</li>
        @endforelse
    </ul>
    @if ($total > 0)<p class="mt-1 text-soft">{{ Figures::money($total, $currency) }} for what has a price in the Pantry.</p>@endif
    @php $there = array_filter($items, fn ($i) => $i->there > 0); @endphp
    @if ($there !== [])
        <h2 class="mt-8 text-2xl">In the Pantry already</h2>
        <ul class="mt-1">@foreach ($there as $item)<li class="border-t border-line py-2">{{ $item->name }}: {{ Figures::grams($item->needed) }} g needed. Use first: @foreach ($item->first as $held)“{{ $held->name }}”, {{ Figures::grams($held->left) }} g left{{ $held->bestBefore !== '' ? ', good until '.\Carbon\CarbonImmutable::parse($held->bestBefore)->format('j F Y') : '' }}{{ $loop->last ? '.' : '; ' }}@endforeach</li>@endforeach</ul>
    @endif
    <p class="mt-6 flex gap-5 no-print"><a href="{{ $page->path('shopping.txt') }}">As text</a><a href="{{ $page->path('shopping.csv') }}">As a table (CSV)</a><button class="link-button !p-0 !min-h-0"
        data-print hidden>Print</button></p>
</x-page>
