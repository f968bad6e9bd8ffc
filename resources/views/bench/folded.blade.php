@foreach (['more' => 'Put something more in', 'method' => 'The method for what is in the bowl', 'reading' => 'How it was read, row by row', 'typed' => 'The recipe as you typed it'] as $part => $summary)
<details id="{{ $part }}" data-lazy="{{ $part }}" @if ($page->isOpen($part)) open @endif>
    <summary class="py-2 text-cobalt underline underline-offset-3">{{ $summary }}</summary>
    @if ($page->draws($part)) @include("bench.$part") @else {{ $page->rest($part) }} @endif
</details>
@endforeach
