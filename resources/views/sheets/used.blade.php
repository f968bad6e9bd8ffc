<x-live-form to="{{ $at }}/used" into="#sheet" live class="flex flex-wrap items-center gap-3 border-t border-[#e3e9ef] py-1">
    <input type="hidden" name="line" value="{{ $line['key'] }}">
    <label class="min-w-60 flex-1"
        for="used-{{ $line['key'] }}">{{ $line['text'] }} @if ($line['hint'] !== '')<span class="text-[15px] text-soft">{{ $line['hint'] }}</span>@endif</label>
    <span class="flex items-center gap-2"><input class="field figure w-20" id="used-{{ $line['key'] }}" name="percent" inputmode="decimal"
        value="{{ $page->typed('line', '') === $line['key'] ? $page->typed('percent', $line['percent']) : $line['percent'] }}"> % eaten</span>
    <noscript><button class="button">Keep</button></noscript>
    @if ($page->faults->has('used-'.$line['key']))<p class="fault w-full" role="alert">{{ $page->faults->first('used-'.$line['key']) }}</p>@endif
</x-live-form>
