@php
    use App\View\Figures;
    $at = $page->path('bench/pieces');
    $way = $sheet->way();
    $here = fn (string $key): string => $way === $key ? 'border-l-4 border-l-here' : 'border-l-4 border-l-transparent';
    $rests = ['spread' => 'spread over the others', 'small' => 'one small piece more', 'aside' => 'set aside, not counted'];
@endphp
<div id="sheet">
    @include('bench.head', ['here' => 'pieces'])
    <div class="mt-5 grid items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <section aria-label="Portions">
            <h2 class="text-2xl">Portion by</h2>
            <div x-data="{ way: '{{ $sheet->wayShown() }}' }">
            <div class="js-only mt-2 mb-3 flex flex-wrap gap-2" role="radiogroup" aria-label="Portion by">
                @foreach (['pieces' => 'pieces', 'grid' => 'cuts', 'scoop' => 'a scoop', 'target' => 'a weight each', 'unequal' => 'weights as they came out'] as $key => $name)
                    <label class="choice"><input type="radio" name="portion-by" value="{{ $key }}" x-model="way"> {{ $name }}</label>
                @endforeach
            </div>
            <x-live-form to="{{ $at }}/portion" into="#sheet" live class="portion {{ $here('pieces') }}" x-show="way === 'pieces'">
                <input type="hidden" name="way" value="pieces">
                <div class="w-28"><label class="label" for="count">Pieces</label><input class="field figure" id="count" name="count"
                    inputmode="decimal" value="{{ $page->typed('count', $page->pieces()) }}" @if ($page->faults->has('pieces')) aria-invalid="true"
                    aria-describedby="pieces-fault" @endif></div>
                <noscript><button class="button">Use this</button></noscript>
                @if ($page->faults->has('pieces'))<p id="pieces-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first('pieces') }}</p>@endif
            </x-live-form>
            <x-live-form to="{{ $at }}/portion" into="#sheet" live class="portion {{ $here('grid') }}" x-show="way === 'grid'">
                <input type="hidden" name="way" value="grid">
                <div class="w-24"><label class="label" for="across">Cuts: across</label><input class="field figure" id="across" name="across"
                    inputmode="numeric" value="{{ $sheet->said('across', '4') }}" @if ($page->faults->has('grid')) aria-invalid="true"
                    aria-describedby="grid-fault" @endif></div>
                <div class="w-24"><label class="label" for="along">by along</label><input class="field figure" id="along" name="along"
                    inputmode="numeric" value="{{ $sheet->said('along', '4') }}"></div>
                <noscript><button class="button">Use this</button></noscript>
                @if ($page->faults->has('grid'))<p id="grid-fault" class="fault w-full" role="alert">{{ $page->faults->first('grid') }}</p>@endif
            </x-live-form>
            <x-live-form to="{{ $at }}/portion" into="#sheet" live class="portion {{ $here('scoop') }}" x-show="way === 'scoop'">
                <input type="hidden" name="way" value="scoop">
                <div class="basis-full"><label class="label" for="scoop">Scoop</label><select class="field" id="scoop"
                    name="scoop">@foreach ($sheet->scoops() as $key => $scoop)<option value="{{ $key }}"
                    @selected($sheet->said('scoop', '40') === (string) $key)>{{ $scoop }}</option>@endforeach</select></div>
                <div class="w-28"><label class="label" for="scoop-each">or one weighs, g</label><input class="field figure" id="scoop-each"
                    name="each" inputmode="decimal" value="{{ $way === 'scoop' || $page->faults->has('scoop') ? $sheet->said('each') : '' }}"
                    @if ($page->faults->has('scoop')) aria-invalid="true" aria-describedby="scoop-fault" @endif></div>
                <div class="w-52"><label class="label" for="scoop-rest">What is over</label><select class="field" id="scoop-rest"
                    name="rest">@foreach ($rests as $key => $rest)<option value="{{ $key }}"
                    @selected($sheet->said('rest', 'spread') === $key)>{{ $rest }}</option>@endforeach</select></div>
                <noscript><button class="button">Use this</button></noscript>
                @if ($page->faults->has('scoop'))<p id="scoop-fault" class="fault w-full" role="alert">{{ $page->faults->first('scoop') }}</p>@endif
            </x-live-form>
            <x-live-form to="{{ $at }}/portion" into="#sheet" live class="portion {{ $here('target') }}" x-show="way === 'target'">
                <input type="hidden" name="way" value="target">
                <div class="w-24"><label class="label" for="target-each">Each, g</label><input class="field figure" id="target-each" name="each"
                    inputmode="decimal" value="{{ $way === 'target' || $page->faults->has('target') ? $sheet->said('each') : '' }}"
                    @if ($page->faults->has('target')) aria-invalid="true" aria-describedby="target-fault" @endif></div>
                <div class="w-32"><label class="label" for="of">weighed as</label><select class="field" id="of"
                    name="of"><option value="dough">dough</option><option value="baked"
                    @selected($sheet->said('of') === 'baked')>baked</option></select></div>
                <div class="w-52"><label class="label" for="target-rest">What is over</label><select class="field" id="target-rest"
                    name="rest">@foreach ($rests as $key => $rest)<option value="{{ $key }}"
                    @selected($sheet->said('rest', 'spread') === $key)>{{ $rest }}</option>@endforeach</select></div>
                <noscript><button class="button">Use this</button></noscript>
                @if ($page->faults->has('target'))<p id="target-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first('target') }}</p>@endif
            </x-live-form>
            <x-live-form to="{{ $at }}/portion" into="#sheet" live class="portion {{ $here('unequal') }}" x-show="way === 'unequal'">
                <input type="hidden" name="way" value="unequal">
                <div class="min-w-48 flex-1"><label class="label" for="masses">Pieces as they came out, g each</label><input class="field figure"
                    id="masses" name="masses" data-keep="masses" value="{{ $sheet->said('masses') }}" placeholder="62; 58; 71"
                    @if ($page->faults->has('unequal')) aria-invalid="true" aria-describedby="unequal-fault" @endif></div>
                <noscript><button class="button">Use this</button></noscript>
                @if ($page->faults->has('unequal'))<p id="unequal-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first('unequal') }}</p>@endif
            </x-live-form>
            </div>
            <x-live-form to="{{ $at }}/weighed" into="#sheet" live class="mt-4 flex flex-wrap items-end gap-3 border-t border-line pt-3">
                @foreach (['weighed_mixed' => ['All of the dough, g', $sheet->batch->mixed], 'weighed_baked' => ['The baked whole, g', $sheet->batch->baked]] as $field => [$label, $grams])
                    <div class="w-40"><label class="label" for="{{ $field }}">{{ $label }}</label><input class="field figure" id="{{ $field }}"
                        name="{{ $field }}" inputmode="decimal" value="{{ $sheet->weighed($field) }}" placeholder="about {{ Figures::grams($grams) }}"
                        @if ($page->faults->has($field)) aria-invalid="true" aria-describedby="{{ $field }}-fault" @endif></div>
                @endforeach
                <noscript><button class="button">Use this</button></noscript>
                @foreach (['weighed_mixed', 'weighed_baked'] as $field)@if ($page->faults->has($field))<p id="{{ $field }}-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first($field) }}</p>@endif @endforeach
            </x-live-form>
        </section>
        <div class="grid min-w-0 gap-8">
        <section class="tray p-4" aria-label="What to weigh off">
            <h2 class="text-2xl">Each piece</h2>
            @foreach ($sheet->sentences() as $sentence)<p class="{{ $loop->first ? 'text-xl' : '' }} mt-1">{{ $sentence }}</p>@endforeach
            @if ($drawing = $sheet->drawing())
                <svg id="cuts" class="cuts mt-3 block w-full max-w-[340px]" viewBox="{{ $drawing['box'] }}" tabindex="0" role="application"
                    aria-label="The pan from above, cut {{ $drawing['across'] }} by {{ $drawing['along'] }}. Left and right change the cuts across, up and down those along."
                    data-across="{{ $drawing['across'] }}" data-along="{{ $drawing['along'] }}" data-width="{{ $drawing['width'] }}"
                    data-height="{{ $drawing['height'] }}">
                    @if ($drawing['isRound'])<ellipse cx="150" cy="{{ $drawing['cy'] }}" rx="150" ry="{{ $drawing['cy'] }}" fill="#f2f5fb"
                        stroke="#1d3f91" stroke-width="3"/>@else<rect width="{{ $drawing['width'] }}" height="{{ $drawing['height'] }}" rx="10"
                        fill="#f2f5fb" stroke="#1d3f91" stroke-width="3"/>@endif
                    @foreach ($drawing['cells'] as $cell)<rect x="{{ $cell['x'] }}" y="{{ $cell['y'] }}" width="{{ $cell['width'] }}"
                        height="{{ $cell['height'] }}" fill="#f3d38a" fill-opacity="0.6"/>@endforeach
                    @foreach ($drawing['lines'] as $line)<path class="cut-line"
                        data-way="{{ $line['y1'] === '0' && $line['x1'] === $line['x2'] ? 'across' : 'along' }}"
                        d="M{{ $line['x1'] }} {{ $line['y1'] }}L{{ $line['x2'] }} {{ $line['y2'] }}" stroke="#14212b" stroke-width="1.5"
                        stroke-dasharray="6 4"/>@endforeach
                </svg>
                <p class="mt-1 text-[15px] text-soft">{{ $drawing['label'] }} <span class="js-only">Drag a line, or focus the pan and press the arrows, to cut it otherwise.</span>@if ($drawing['isRound']) A grid in a round pan gives unequal pieces at the rim: weigh them, or cut wedges. @endif</p>
            @endif
            @if (count($sheet->toppings()) > 0)
                <h3 class="mt-5 text-lg">Put on at the table</h3>
                <x-live-form to="{{ $at }}/toppings" into="#sheet" live>
                    @foreach ($sheet->toppings() as $topping)
                        <label class="flex min-h-[44px] items-center gap-3 border-t border-[#e3e9ef]"><input class="h-5 w-5 shrink-0 accent-cobalt"
                            type="checkbox" name="toppings[]" value="{{ $topping['name'] }}"
                            @checked($topping['isOn'])><span>{{ $topping['name'] }} <span class="text-[15px] text-soft">{{ implode(', ', preg_split('~\R~u', $topping['text'])) }}</span></span></label>
                    @endforeach
                    <noscript><button class="button mt-2">Put them on</button></noscript>
                </x-live-form>
            @endif
            @auth<p class="mt-2 text-[15px]"><a href="/pantry#toppings">Your toppings are in the Pantry</a></p>@endauth
        </section>
        @if ($sheet->parts() !== [])
            <section aria-label="Where its parts go">
                <h2 class="text-2xl">Where its parts go</h2>
                @foreach ($sheet->parts() as $part)
                    <x-live-form to="{{ $at }}/parts" into="#sheet" live class="flex flex-wrap items-end gap-3 border-t border-line py-3">
                        <input type="hidden" name="component" value="{{ $part['component'] }}">
                        <p class="w-32 self-center"><strong>{{ $part['name'] }}</strong><br><span class="text-[15px] text-soft">{{ $part['mass'] }} g</span></p>
                        <div class="w-52"><label class="label" for="spread-{{ $part['component'] }}">goes</label><select class="field"
                            id="spread-{{ $part['component'] }}"
                            name="spread">@foreach (['all' => 'over all pieces alike', 'some' => 'on some pieces only', 'each' => 'so much on each', 'table' => 'on at the table'] as $key => $spread)<option value="{{ $key }}"
                            @selected($part['spread'] === $key)>{{ $spread }}</option>@endforeach</select></div>
                        @if ($part['spread'] === 'some' || $part['pieces'] !== '')<div class="w-28"><label class="label"
                            for="on-{{ $part['component'] }}">on, pieces</label><input class="field figure" id="on-{{ $part['component'] }}"
                            name="pieces" inputmode="numeric" value="{{ $part['pieces'] }}"></div>@else<input type="hidden" name="pieces"
                            value="{{ $sheet->half() }}">@endif
                        @if (in_array($part['spread'], ['each', 'table'], true))
                            <div class="w-20"><label class="label" for="amount-{{ $part['component'] }}">each</label><input class="field figure"
                                id="amount-{{ $part['component'] }}" name="amount" inputmode="decimal" value="{{ $part['amount'] }}"></div>
                            <div class="w-20"><label class="label" for="unit-{{ $part['component'] }}">in</label><select class="field"
                                id="unit-{{ $part['component'] }}"
                                name="unit">@foreach (['g' => 'g', 'tsp' => 'tsp', 'tbsp' => 'tbsp'] as $unit)<option @selected($part['unit'] === $unit)>{{ $unit }}</option>@endforeach</select></div>
                        @else<input type="hidden" name="amount" value="2"><input type="hidden" name="unit" value="tsp">@endif
                        <noscript><button class="button">Use this</button></noscript>
                        @if ($page->faults->has('place-'.$part['component']))<p class="fault w-full"
                            role="alert">{{ $page->faults->first('place-'.$part['component']) }}</p>@endif
                        @if ($part['note'] !== '')<p class="w-full text-[15px]">{{ $part['note'] }}</p>@endif
                    </x-live-form>
                @endforeach
            </section>
        @endif
        <section aria-label="Used in part">
            <h2 class="text-2xl">Used in part</h2>
            @php [$first, $others] = [array_filter($sheet->lines(), fn ($l) => $l['hint'] !== '' || $l['percent'] !== '100'), array_filter($sheet->lines(), fn ($l) => $l['hint'] === '' && $l['percent'] === '100')]; @endphp
            @foreach ($first as $line)@include('sheets.used')@endforeach
            <details class="border-t border-line">
                <summary class="py-2 text-cobalt underline underline-offset-3">Something else is rolled in, drained off or kept for another day</summary>
                @foreach ($others as $line)@include('sheets.used')@endforeach
            </details>
        </section>
        </div>
    </div>
</div>
