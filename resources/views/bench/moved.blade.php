{{-- The answer to a wish: what it moved, and nothing that the page has already. --}}
@foreach ($parts as $part => $view)<hx-partial hx-target="#{{ $part }}" hx-swap="innerMorph">@include("bench.$view")</hx-partial>@endforeach
@if (! isset($parts['lanes'])) @include('bench.weave', ['moved' => true]) @endif
