@php $doubts = $page->doubts($account); @endphp
@if ($doubts !== [])
    <div>
        <h3 class="font-sans text-[15px] font-semibold">What makes the range, {{ $page->range($account) }} g</h3>
        <ul class="mt-1">
            @foreach ($doubts as $doubt)
                <li class="grid grid-cols-[minmax(0,1fr)_3.5rem_minmax(0,1.4fr)] items-center gap-3 border-t border-[#d6dee7] py-1 text-[15px]"><span>{{ $doubt['name'] }}</span><svg class="h-3 w-full"
                    viewBox="0 0 100 10" preserveAspectRatio="none" role="img" aria-label="{{ $doubt['share'] }} % of the doubt"><rect width="100"
                    height="10" fill="#d6dee7"/><rect width="{{ $doubt['share'] }}" height="10"
                    fill="#1d3f91"/></svg><span class="text-soft"><span class="figure text-ink">{{ $doubt['share'] }} %</span> {{ $doubt['advice'] }}</span></li>
            @endforeach
        </ul>
    </div>
@endif
