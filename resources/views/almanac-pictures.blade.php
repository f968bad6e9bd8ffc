@php [$browning, $dissolving, $sweetness, $thirst] = [$pictures->browning(), $pictures->dissolving(), $pictures->sweetness(), $pictures->thirst()]; @endphp
<section id="pictures" class="mt-8">
    <h2 class="text-2xl">In pictures</h2>
    <div class="mt-3 grid gap-x-8 gap-y-6 lg:grid-cols-2">
        <figure>
            <figcaption class="font-semibold">How long until it browns like sugar does in 20 minutes at 175 °C</figcaption>
            <div class="overflow-x-auto" tabindex="0" role="group"><svg viewBox="0 0 560 300" class="plot mt-1 w-full min-w-[30rem]" role="img"
                aria-label="Minutes until it is as brown, against the heat of the oven. A table follows.">
                @foreach ($browning['up'] as [$y, $says])<line class="plot-line" x1="66" x2="452" y1="{{ $y }}" y2="{{ $y }}"/><text x="60"
                    y="{{ $y }}" dy="4" text-anchor="end">{{ $says }}</text>@endforeach
                @foreach ($browning['across'] as [$x, $says])<text x="{{ $x }}" y="280" text-anchor="middle">{{ $says }}</text>@endforeach
                @foreach ($browning['lines'] as $i => $line)<path class="plot-series plot-{{ $i }}"
                    d="{{ $line['path'] }}"/><text x="{{ $line['x'] }}" y="{{ $line['y'] }}" class="plot-name">{{ $line['name'] }}</text>@endforeach
            </svg></div>
            <p class="text-[15px]">The lower the line, the sooner it is brown: what is sweetened with allulose comes out earlier, or bakes cooler. These never brown by themselves: {{ $browning['never'] }}.</p>
            <details><summary class="cursor-pointer py-1 text-[15px] underline">As a table</summary>
                <table class="text-[15px]"><thead><tr><th class="pr-4 text-left font-normal text-soft">°C</th>@foreach ($browning['lines'] as $line)<th class="pr-4 text-right font-normal">{{ $line['name'] }}</th>@endforeach</tr></thead>
                <tbody>@foreach ($browning['lines'][0]['table'] ?? [] as $r => $row)<tr class="border-t border-line"><th scope="row"
                    class="figure text-left font-normal">{{ $row[0] }}</th>@foreach ($browning['lines'] as $line)<td class="figure pr-4 text-right">{{ $line['table'][$r][1] }} min</td>@endforeach</tr>@endforeach</tbody></table>
            </details>
        </figure>
        <figure>
            <figcaption class="font-semibold">How much erythritol 100 g of water hold</figcaption>
            <div class="overflow-x-auto" tabindex="0" role="group"><svg viewBox="0 0 560 300" class="plot mt-1 w-full min-w-[30rem]" role="img"
                aria-label="Grams of erythritol dissolved in 100 g of water, against temperature. A table follows.">
                @foreach ($dissolving['up'] as [$y, $says])<line class="plot-line" x1="66" x2="452" y1="{{ $y }}" y2="{{ $y }}"/><text x="60"
                    y="{{ $y }}" dy="4" text-anchor="end">{{ $says }}</text>@endforeach
                @foreach ($dissolving['across'] as [$x, $says])<line class="plot-line" x1="{{ $x }}" x2="{{ $x }}" y1="16"
                    y2="258"/><text x="{{ $x }}" y="280" text-anchor="middle">{{ $says }}</text>@endforeach
                <path class="plot-series plot-0" d="{{ $dissolving['path'] }}"/>
            </svg></div>
            <p class="text-[15px]">What is above the line falls out as crystals and grates between the teeth: a filling that is smooth while it is warm may be sandy from the fridge, at 5 °C.</p>
            <details><summary class="cursor-pointer py-1 text-[15px] underline">As a table</summary>
                <table class="text-[15px]"><thead><tr><th class="pr-6 text-left font-normal text-soft">°C</th><th class="text-right font-normal">g in 100 g of water</th></tr></thead><tbody>@foreach ($dissolving['table'] as [$c, $g])<tr class="border-t border-line"><th scope="row"
                    class="figure text-left font-normal">{{ $c }}</th><td class="figure text-right">{{ $g }}</td></tr>@endforeach</tbody></table>
            </details>
        </figure>
        @foreach ([['As sweet as 100 g of sugar', $sweetness, 'Grams of each; the thin line is how far people and tables differ. Sugar itself is the upright line.'], ['How much water a gram takes up', $thirst, 'Grams of water for a gram of flour, fibre or binder in a dough: why a spoon of psyllium does what a cup of almonds does not.']] as [$title, $drawing, $says])
            <figure>
                <figcaption class="font-semibold">{{ $title }}</figcaption>
                <div class="overflow-x-auto" tabindex="0" role="group"><svg viewBox="0 0 560 {{ $drawing['height'] }}"
                    class="plot mt-1 w-full min-w-[30rem]" role="group"
                    aria-label="{{ $title }}: {{ implode(', ', array_map(fn ($b) => $b['name'].' '.$b['says'], $drawing['bars'])) }}">
                    @if ($drawing['mark'] !== '')<line class="plot-mark" x1="{{ $drawing['mark'] }}" x2="{{ $drawing['mark'] }}" y1="0"
                        y2="{{ $drawing['height'] }}"/>@endif
                    @foreach ($drawing['bars'] as $bar)
                        <a href="{{ $bar['href'] }}"><text x="184" y="{{ $bar['text'] }}" text-anchor="end"
                            class="plot-name">{{ $bar['name'] }}</text></a>
                        <rect class="plot-bar" x="190" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="15"/><line class="plot-spread"
                            x1="{{ $bar['low'] }}" x2="{{ $bar['high'] }}" y1="{{ $bar['middle'] }}" y2="{{ $bar['middle'] }}"/>
                        <text x="{{ $bar['end'] }}" y="{{ $bar['text'] }}">{{ $bar['says'] }}</text>
                    @endforeach
                </svg></div>
                <p class="text-[15px]">{{ $says }}</p>
            </figure>
        @endforeach
    </div>
</section>
