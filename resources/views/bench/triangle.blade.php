@php $triangle = $page->triangle(); @endphp
@if ($triangle)
<section class="tray p-4" aria-label="Sweetener mix">
    <div class="flex items-baseline justify-between"><h2 class="text-xl">Sweetener mix</h2>
        @if ($triangle['isSet'])<x-live-form to="{{ $page->path('bench/blend') }}" into="#bench"
            swap="outerHTML"><button class="link-button py-0 text-sm" name="free"
            value="1">let it be worked out</button></x-live-form>@else<p class="text-sm text-soft">drag the dot</p>@endif
    </div>
    <form id="blend" x-data="blend" method="post" action="{{ $page->path('bench/blend') }}" hx-post="{{ $page->path('bench/blend') }}"
        hx-trigger="blend, submit" hx-target="#bench" hx-swap="outerMorph" hx-sync="this:queue last">
        @csrf
        <svg x-ref="svg" viewBox="0 0 300 262" class="mx-auto block w-full max-w-[250px] select-none">
            <polygon points="{{ $triangle['outline'] }}" class="mix-ground"/>
            @foreach ($triangle['regions'] as $region)<polygon points="{{ $region['points'] }}" fill="url(#hatch-{{ $region['row'] }})" class="mix-region"/>@endforeach
            <polygon points="{{ $triangle['outline'] }}" class="mix-edge"/>
            @foreach ($triangle['regions'] as $region)<text x="{{ $region['x'] }}" y="{{ $region['y'] }}" class="mix-name">{{ $region['name'] }}</text>@endforeach
            @foreach ($triangle['corners'] as $n => $corner)<text x="{{ $n === 0 ? 150 : ($n === 1 ? 2 : 298) }}" y="{{ $n === 0 ? 16 : 256 }}"
                class="mix-corner mix-corner-{{ $n }}">{{ Str::limit(preg_replace('~\s\d+\s%$~', '', $corner['name']), 20, '…') }}</text>@endforeach
            <circle x-ref="hold" cx="{{ $triangle['bead']['x'] }}" cy="{{ $triangle['bead']['y'] }}" r="28" fill="transparent" class="touch-none cursor-grab"
                x-on:pointerdown="grab" x-on:pointermove="drag" x-on:pointerup="drop" x-on:pointercancel="drop"/>
            <circle x-ref="bead" cx="{{ $triangle['bead']['x'] }}" cy="{{ $triangle['bead']['y'] }}" r="10" fill="#1d3f91" stroke="#fff"
                stroke-width="3" class="pointer-events-none" tabindex="0" role="slider" aria-valuemin="0" aria-valuemax="100"
                aria-valuenow="{{ $triangle['corners'][0]['share'] }}" aria-label="Blend by sweetness"
                aria-valuetext="@foreach ($triangle['corners'] as $corner){{ $corner['name'] }} {{ $corner['share'] }} %, @endforeach"
                x-on:keydown="key"/>
        </svg>
        <details class="mt-1" id="shares" data-lazy="shares" @if ($page->isOpen('shares')) open @endif>
            <summary class="py-1 text-[15px]"><span class="figure">@foreach ($triangle['corners'] as $corner){{ $loop->first ? '' : ' : ' }}{{ $corner['share'] }}@endforeach</span> by sweetness <span class="text-cobalt underline underline-offset-3">as a table</span></summary>
            @if ($page->draws('shares')) @include('bench.shares') @else {{ $page->rest('shares', $page->shares($triangle)) }} @endif
        </details>
        @if ($page->faults->has('blend'))<p class="fault" role="alert">{{ $page->faults->first('blend') }}</p>@endif
    </form>
</section>
@endif
