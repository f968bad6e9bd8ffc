@php
    $isGain = $page->isAsItWas();
    [$heading, $offer] = $isGain
        ? ['What could still be gained', 'See what could be gained, and at what price']
        : ['Other ways', 'Show up to three clearly different ones'];
@endphp
@if (($part === 'gains') === $isGain)
<section class="tray p-4" aria-label="{{ $heading }}">
    <h2 class="text-xl">{{ $heading }}</h2>
    <div hx-get="{{ $page->path('bench/proposals') }}" hx-trigger="load delay:400ms"
        hx-swap="innerHTML"><p class="mt-1 text-[15px]"><a href="{{ $page->path('bench/proposals') }}"
        hx-get="{{ $page->path('bench/proposals') }}" hx-target="closest div"
        hx-swap="innerHTML">{{ $offer }}</a></p></div>
</section>
@endif
