@php $rows = $sheet->rows(); @endphp
<div id="sheet">
    @include('bench.head', ['here' => 'compare'])
    <form method="get" action="{{ $page->path('bench/compare') }}" x-data="goes" x-on:change="go"
        class="no-print mt-5 flex flex-wrap items-end gap-4">
        <div class="w-80 max-w-full"><label class="label" for="with">Beside</label><select class="field" id="with"
            name="with">@foreach ($sheet->choices() as $group => $choices)<optgroup label="{{ $group }}">{{ App\View\Options::of($choices, $sheet->chosen()) }}</optgroup>@endforeach</select></div>
        <div class="w-56"><label class="label" for="by">for</label><select class="field" id="by"
            name="by"><option value="piece">a {{ $page->pieceWord() }} or a serving</option><option value="100"
            @selected($sheet->byHundred)>100 g</option></select></div>
        <noscript><button class="button">Compare</button></noscript>
        @if ($page->dessert->recipe)<p class="self-center text-[15px]"><a href="{{ $page->path('bench/versions') }}">what two versions are made of</a> · <a href="/pantry">a shop's label goes into the Pantry</a></p>@endif
    </form>
    @if ($rows === null)
        <p class="mt-6 text-lg">That is gone, or can no longer be read. Choose something else.</p>
    @else
        <table class="mt-5 w-full max-w-[960px]">
            <caption class="sr-only">{{ $page->title() }} beside {{ $rows['other'] }}</caption>
            <thead class="text-[15px] text-soft"><tr><th></th><th class="text-right font-normal">{{ $rows['mine'] }}</th><th class="pl-3 text-right font-normal">{{ $rows['other'] }}</th><th class="w-64 pl-3 text-right font-normal">{{ $rows['other'] }} has</th></tr></thead>
            <tbody>@foreach ($rows['rows'] as $row)<tr class="border-t border-line {{ $loop->first ? 'text-lg font-semibold' : '' }}"><th scope="row"
                class="py-1.5 text-left {{ $loop->first ? 'font-semibold' : 'font-normal' }} {{ $row['isPart'] ? 'pl-5 text-[15px] text-soft' : '' }}">{{ $row['name'] }}</th><td class="figure text-right">{{ $row['a'] }}</td><td class="figure pl-3 text-right">{{ $row['b'] }}</td><td class="pl-3 text-right">@if ($row['difference'] === '')<span class="text-[15px] font-normal text-soft">no clear difference</span>@else<span class="figure">{{ $row['difference'] }}</span>@endif</td></tr>@endforeach</tbody>
        </table>
    @endif
    <x-care class="mt-5"/>
</div>
