@props(['line'])
{{-- The line as typed, with what was taken for its amount and its food marked where it stands. --}}
<q class="font-semibold"><?php foreach (App\View\Spans::of($line) as $part) { ?><?php if ($part['kind'] === '') { ?>{{ $part['text'] }}<?php } else { ?><mark class="{{ $part['kind'] === 'amount' ? 'bg-[#fdf0bd] underline decoration-2' : 'bg-[#dde6f8] underline decoration-cobalt decoration-dotted decoration-2' }}"
    title="{{ $part['kind'] === 'amount' ? 'taken for the amount' : 'taken for the food' }}">{{ $part['text'] }}</mark><?php } ?><?php } ?></q>
