@php
    $sheets = ['' => 'Swap', 'account' => 'Account', 'pieces' => 'Pieces', 'scale' => 'Scale', 'compare' => 'Compare', 'card' => 'Card'];
@endphp
<div id="now" class="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
    @include('bench.now')
</div>
<nav class="sheets no-print mt-3 flex flex-wrap gap-x-6 border-b border-line" aria-label="Sheets of this dessert">
    @foreach ($sheets as $key => $name)<a href="{{ $page->path($key === '' ? 'bench' : "bench/$key") }}" @if ($here === $key) aria-current="page"
        @endif>{{ $name }}</a>@endforeach
    @if ($here !== '')
        <span class="ml-auto flex gap-x-4">
            @foreach (['undo' => $page->dessert->history->past, 'redo' => $page->dessert->history->future] as $way => $steps)
                <form method="post" action="{{ $page->path("bench/$way") }}">@csrf<input type="hidden" name="sheet"
                    value="{{ $here }}"><button class="link-button disabled:text-soft disabled:no-underline"
                    @disabled($steps === [])>{{ ucfirst($way) }}</button></form>
            @endforeach
        </span>
    @endif
</nav>
