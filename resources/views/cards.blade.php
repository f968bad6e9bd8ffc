<x-page title="Cards" here="shelf">
    <div class="no-print flex flex-wrap items-end justify-between gap-3"><h1 class="text-4xl text-cobalt">{{ count($cards) }} {{ count($cards) === 1 ? 'card' : 'cards' }}</h1><p class="flex items-center gap-4"><button class="button button-main"
        data-print hidden>Print them</button><a href="/shelf">Back to the Shelf</a></p></div>
    @if ($cards === [])<p class="mt-4 text-lg">Tick desserts on the <a href="/shelf">Shelf</a> first.</p>@endif
    @foreach ($cards as $card)<div class="tray card-frame mt-6 break-after-page">@include('card')</div>@endforeach
</x-page>
