@php
    use App\View\ScaleSheet;
    $at = $page->path('bench/scale');
@endphp
<div id="sheet">
    @include('bench.head', ['here' => 'scale'])
    <div class="mt-5 grid items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <section aria-label="How much">
            <h2 class="text-2xl">How much is made</h2>
            <x-live-form to="{{ $at }}" into="#sheet" live class="portion">
                <input type="hidden" name="by" value="factor">
                <div class="w-32"><label class="label" for="factor">Times the recipe</label><input class="field figure" id="factor" name="factor"
                    inputmode="decimal" value="{{ $page->typed('factor', $sheet->factor()) }}" @if ($page->faults->has('factor')) aria-invalid="true"
                    aria-describedby="factor-fault" @endif></div>
                <noscript><button class="button">Scale to this</button></noscript>
                @foreach (['0.5' => 'half', '1' => 'as written', '2' => 'double'] as $factor => $name)<button class="link-button" name="factor"
                    value="{{ $factor }}">{{ $name }}</button>@endforeach
                @if ($page->faults->has('factor'))<p id="factor-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first('factor') }}</p>@endif
            </x-live-form>
            <x-live-form to="{{ $at }}" into="#sheet" live class="portion">
                <input type="hidden" name="by" value="pieces">
                <div class="w-32"><label class="label" for="pieces">For so many pieces</label><input class="field figure" id="pieces" name="pieces"
                    inputmode="decimal" value="{{ $page->typed('pieces', '') }}" placeholder="{{ $page->pieces() }}"
                    @if ($page->faults->has('pieces')) aria-invalid="true" aria-describedby="pieces-fault" @endif></div>
                <noscript><button class="button">Scale to this</button></noscript>
                @if ($page->faults->has('pieces'))<p id="pieces-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first('pieces') }}</p>@endif
            </x-live-form>
            <x-live-form to="{{ $at }}" into="#sheet" class="portion {{ $page->faults->has('ingredient') ? '' : 'no-js-only' }}">
                <input type="hidden" name="by" value="ingredient">
                <div class="w-28"><label class="label" for="have">I only have, g</label><input class="field figure" id="have" name="have"
                    inputmode="decimal" value="{{ $page->typed('have', '') }}" @if ($page->faults->has('ingredient')) aria-invalid="true"
                    aria-describedby="ingredient-fault" @endif></div>
                <div class="min-w-44 flex-1"><label class="label" for="line">of</label><select class="field" id="line"
                    name="line">@foreach ($sheet->lines() as $line)<option value="{{ $line['key'] }}"
                    @selected($page->typed('line', '') === $line['key'])>{{ $line['name'] }}</option>@endforeach</select></div>
                <button class="button">Make what it gives</button>
                @if ($page->faults->has('ingredient'))<p id="ingredient-fault" class="fault w-full"
                    role="alert">{{ $page->faults->first('ingredient') }}</p>@endif
            </x-live-form>
            @if ($eggs = $sheet->eggs())
                <div class="mt-3 border-l-4 border-here bg-[#fdf6da] px-3 py-2">
                    <p>Eggs come out broken: {{ $sheet->weighedEggs() }}, beaten and weighed. Or whole:</p>
                    <x-live-form to="{{ $at }}" into="#sheet"><input type="hidden" name="by"
                        value="factor">@foreach ($eggs as $egg)<button class="link-button block text-left" name="factor"
                        value="{{ $egg['factor'] }}">{{ $egg['text'] }}</button>@endforeach</x-live-form>
                </div>
            @endif
            <h2 class="mt-8 text-2xl">In which pan</h2>
            <x-live-form to="{{ $at }}/pan" into="#sheet">
                @if ($sheet->isFromText())<p class="mt-1">The recipe's is {{ ScaleSheet::pan($sheet->from()) }}.</p>@endif
                @foreach ($sheet->isFromText() ? ['to' => 'Yours'] : ['from' => 'The recipe’s', 'to' => 'Yours'] as $which => $name)
                    @php $isRound = $page->typed("{$which}_shape", ($which === 'to' ? $sheet->to() : $sheet->from())?->isRound ? 'round' : '') === 'round'; @endphp
                    <fieldset class="mt-2 flex flex-wrap items-end gap-3"><legend class="label">{{ $name }}, cm</legend>
                        <div class="w-40"><label class="text-sm" for="{{ $which }}-shape">shape</label><select class="field" id="{{ $which }}-shape"
                            name="{{ $which }}_shape"><option value="straight">straight sides</option><option value="round"
                            @selected($isRound)>round</option></select></div>
                        @foreach (['length' => 'length', 'width' => 'width', 'depth' => 'depth'] as $side => $label)
                            <div class="w-24"><label class="text-sm" for="{{ $which }}-{{ $side }}">{{ $label }}</label><input class="field figure"
                                id="{{ $which }}-{{ $side }}" name="{{ $which }}_{{ $side }}" inputmode="decimal"
                                value="{{ $sheet->side($which, $side) }}"></div>
                        @endforeach
                    </fieldset>
                @endforeach
                @if ($page->faults->has('pan'))<p class="fault" role="alert">{{ $page->faults->first('pan') }}</p>@endif
                <p class="mt-3 flex gap-3"><button class="button">Bake it in mine</button>@if ($sheet->to())<button class="link-button" name="recipes"
                    value="1">the recipe's pan after all</button>@endif</p>
            </x-live-form>
            @if ($pans = $sheet->pans())
                <div class="pans mt-4">@foreach ($pans as $pan)<figure><svg width="{{ $pan['width'] }}" height="{{ $pan['height'] }}"
                    viewBox="-2 -2 {{ $pan['box'] }}" role="img" aria-label="{{ $pan['name'] }}">@if ($pan['isRound'])<ellipse class="pan-shape"
                    cx="{{ $pan['x'] }}" cy="{{ $pan['y'] }}" rx="{{ $pan['x'] }}" ry="{{ $pan['y'] }}"/>@else<rect class="pan-shape"
                    width="{{ $pan['wide'] }}" height="{{ $pan['high'] }}"
                    rx="5"/>@endif</svg><figcaption class="text-[15px]">{{ $pan['name'] }}</figcaption></figure>@endforeach</div>
            @endif
            @if ($sheet->panSays() !== '')
                <p class="mt-2 text-lg">{{ $sheet->panSays() }}</p>
                <x-live-form to="{{ $at }}" into="#sheet"><input type="hidden" name="by"
                    value="factor">@foreach ($sheet->panFactors() as $row)<button class="link-button block text-left" name="factor"
                    value="{{ $row['factor'] }}">Make {{ $row['text'] }}</button>@endforeach</x-live-form>
            @endif
        </section>
        <section class="tray min-w-0 px-4 py-3" aria-label="As written, so much of it">
            <h2 class="text-xl">As written, times <span class="figure">{{ $sheet->factor() }}</span></h2>
            <p class="js-only text-[15px] text-soft">Type what you have of one thing, and the rest follows.</p>
            <table class="mt-1 w-full">
                <thead class="text-sm text-soft"><tr><th class="text-left font-normal">in the recipe</th><th class="pl-3 text-right font-normal">grams</th><th class="pl-3 text-right font-normal">measure</th></tr></thead>
                <tbody>@foreach ($sheet->lines() as $line)<tr class="border-t border-[#e3e9ef]"><th scope="row"
                    class="py-1 text-left font-normal">{{ $line['written'] }}</th><td class="pl-3 text-right"><input class="field figure scale-cell"
                    data-have="{{ $line['key'] }}" inputmode="decimal" value="{{ $line['grams'] }}"
                    aria-label="{{ $line['name'] }}, grams: type what you have and the rest follows"></td><td class="pl-3 text-right text-[15px] whitespace-nowrap text-soft">{{ $line['measure'] }}</td></tr>@endforeach</tbody>
            </table>
            <p class="mt-2 text-[15px]"><a href="{{ $page->path('bench') }}">The swapped side follows on the Bench</a></p>
        </section>
    </div>
</div>
