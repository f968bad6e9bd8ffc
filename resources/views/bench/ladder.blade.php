@php
    $ladder = $page->ladder();
    $conventions = app(App\View\Conventions::class)->all();
@endphp
@foreach ($ladder['bars'] as $bar)
    <div class="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-4 sm:grid-cols-[150px_minmax(0,1fr)]">
        <p class="text-[15px] leading-8">{{ $bar['name'] }}, <span class="figure font-semibold">{{ $bar['total'] }}</span> g</p>
        <div>
            <svg class="block h-8 w-full" viewBox="0 0 1000 32" preserveAspectRatio="none" aria-hidden="true">
                @foreach ($bar['parts'] as $part)<rect x="{{ $part['x'] }}" y="2" width="{{ $part['width'] }}" height="28" fill="currentColor"
                    class="role-{{ $part['role']->value }}"/>@endforeach
                @if ($ladder['limit'])<path d="M{{ $ladder['limit'] }} 0V32" stroke="#fff" stroke-width="6"
                    vector-effect="non-scaling-stroke"/><path d="M{{ $ladder['limit'] }} 0V32" stroke="#14212b" stroke-width="2.5"
                    stroke-dasharray="5 3" vector-effect="non-scaling-stroke"/>@endif
            </svg>
            <ul class="mt-0.5 flex flex-wrap gap-x-4 text-[15px]">
                @foreach (array_slice($bar['parts'], 0, 8) as $part)<li class="flex items-center gap-1.5">{{ App\View\Glyph::of($part['role']) }} {{ $part['name'] }} <span class="figure">{{ $part['figure'] }}</span></li>@endforeach
            </ul>
        </div>
    </div>
@endforeach
@if ($ladder['limit'])<p class="mt-2 text-sm text-soft sm:ml-[166px]">The broken line is your kitchen's limit, <span class="figure">{{ $ladder['limitLabel'] }}</span> g a piece.</p>@endif
<div class="mt-4 grid items-start gap-x-10 gap-y-4 lg:grid-cols-2">
    <table class="w-full text-[15px]">
        <caption class="pb-1 text-left font-semibold">Net carbs a {{ $page->pieceWord() }}, each way of counting</caption>
        <thead class="text-sm text-soft"><tr><th class="text-left font-normal">counted</th><th class="text-right font-normal">as written</th><th class="text-right font-normal">swapped</th></tr></thead>
        <tbody>
        @foreach ($conventions as $key => $convention)
            @php $each = Aglyca\Core\Account\Convention::from($key); @endphp
            <tr class="border-t border-[#e3e9ef]" title="{{ $convention['sentence'] }}"><th scope="row"
                class="py-1 text-left font-normal">@if ($each === $page->conversion->brief->convention)<strong>{{ $convention['name'] }}</strong>@else{{ $convention['name'] }}@endif</th><td class="figure text-right">{{ $page->net($page->conversion->before, $each) }} g</td><td class="figure text-right">{{ $page->net($page->conversion->after, $each) }} g</td></tr>
        @endforeach
        </tbody>
    </table>
    @include('bench.doubts', ['account' => $page->conversion->after])
</div>
<p class="mt-2 text-[15px]"><a class="inline-block py-1" href="{{ $page->path('bench/account') }}">Every figure, with its range</a></p>
<x-care class="mt-3"/>
