{{-- A part of the Bench: drawn, or fetched when it is opened or comes into view. `part` names it and its view. --}}
@props(['part', 'page', 'drawn'])
@if ($drawn)
@include("bench.$part")
@else
<p class="py-2 text-soft" data-rest hx-get="{{ $page->path("bench/part/$part") }}" hx-trigger="unfold once" hx-swap="outerHTML">One moment.</p>
@endif
