@php use App\View\CurveDrawing; use App\View\Figures; $inks = ['#1d3f91', '#a1231d']; @endphp
<x-page title="Glucose curves" here="notebook">
    <p><a href="/notebook">Notebook</a></p>
    <h1 class="mt-1 text-3xl text-cobalt lg:text-4xl">Glucose beside a portion</h1>
    <p class="max-w-[70ch] border-l-4 border-here pl-3">One curve proves little: two curves of the same portion often differ by a quarter and more. This does not dose insulin; your care team decides.</p>
    <div class="mt-4 grid gap-8 lg:grid-cols-[minmax(0,1fr)_380px]">
        <section class="min-w-0" aria-label="Curves">
            @if ($drawing)
                <div class="overflow-x-auto" tabindex="0" role="group" aria-label="Curves, drawn"><svg class="tray w-full min-w-[560px]"
                    viewBox="0 0 {{ CurveDrawing::WIDTH }} {{ CurveDrawing::HEIGHT }}" role="img"
                    aria-label="Glucose in mmol/L against minutes; the table below says the same">
                    @foreach ($drawing->values() as $tick)<line x1="48" x2="{{ CurveDrawing::WIDTH - 16 }}" y1="{{ $tick['y'] }}"
                        y2="{{ $tick['y'] }}" stroke="#dfe6ee"/><text x="40" y="{{ $tick['y'] + 5 }}" text-anchor="end" font-size="14"
                        class="figure">{{ $tick['text'] }}</text>@endforeach
                    @foreach ($drawing->minutes() as $tick)<text x="{{ $tick['x'] }}" y="312" text-anchor="middle" font-size="14"
                        class="figure">{{ $tick['text'] }}</text>@endforeach
                    <text x="{{ CurveDrawing::WIDTH - 16 }}" y="328" text-anchor="end" font-size="13"
                        fill="#46545f">minutes after the first bite, mmol/L upwards</text>
                    @foreach ($drawing->curves as $i => $curve)
                        <line x1="48" x2="{{ CurveDrawing::WIDTH - 16 }}" y1="{{ $curve['base'] }}" y2="{{ $curve['base'] }}" stroke="{{ $inks[$i] }}"
                            stroke-dasharray="3 5"/>
                        <polyline points="{{ $curve['line'] }}" fill="none" stroke="{{ $inks[$i] }}" stroke-width="2.5" @if ($i === 1)
                            stroke-dasharray="8 4" @endif/>
                        @foreach ($curve['dots'] as [$x, $y])<circle cx="{{ $x }}" cy="{{ $y }}" r="4" fill="{{ $inks[$i] }}"/>@endforeach
                    @endforeach
                </svg></div>
                <table class="mt-3 w-full"><thead class="text-sm text-soft"><tr><th class="text-left font-normal">portion</th><th class="text-right font-normal">fasting</th><th class="pl-3 text-right font-normal">peak</th><th class="pl-3 text-right font-normal">after</th><th class="pl-3 text-right font-normal">area above fasting, mmol·min/L</th></tr></thead><tbody>
                    @foreach ($open as $i => $note)@php $curve = $note->curve(); @endphp<tr class="border-t border-line"><th scope="row" class="py-1.5 text-left font-normal">{{ $i === 1 ? 'dashed' : 'solid' }}: {{ $note->name }}</th><td class="figure text-right">{{ Figures::one($curve->baseline) }}</td><td class="figure pl-3 text-right">{{ Figures::one($curve->peak) }}</td><td class="figure pl-3 text-right">{{ Figures::whole($curve->peakMinute) }} min</td><td class="figure pl-3 text-right">{{ Figures::whole($curve->area) }}</td></tr>@endforeach
                </tbody></table>
                @foreach ($cautions as $i => $caution)<p class="mt-2 border-l-4 border-fault bg-white px-3 py-2">{{ $open[$i]->name }}: {{ $caution }}</p>@endforeach
            @else
                <p class="text-lg">No curve yet.</p>
            @endif
            <ul class="mt-5">
                @foreach ($curves as $note)<li class="flex flex-wrap items-center justify-between gap-4 border-t border-line"><a href="?a={{ $note->id }}">{{ $note->name }}, {{ $note->eaten_on->format('j M Y') }}</a><span class="flex items-center gap-4">@if (isset($open[0]) && ! $note->is($open[0]))<a href="?a={{ $open[0]->id }}&b={{ $note->id }}">lay over the other</a>@endif<form method="post"
                    action="/notebook/response/{{ $note->id }}/remove">@csrf<button class="link-button"
                    aria-label="Remove {{ $note->name }}">Remove</button></form></span></li>@endforeach
            </ul>
        </section>
        <section class="tray self-start p-4" aria-label="A new curve">
            <h2 class="text-xl">A new curve</h2>
            <form method="post" action="/notebook/response" enctype="multipart/form-data" class="mt-2 grid gap-3"><x-once/>
                <x-entry name="name" label="Portion" value="" placeholder="Two slices of the loaf" data-keep="curve-name"/>
                <x-entry name="eaten_on" label="Eaten on" type="date" :value="now()->toDateString()"/>
                <div><label class="label" for="dessert">Dessert</label><select class="field" id="dessert"
                    name="dessert"><option value="">none of the Shelf</option>@foreach ($recipes as $recipe)<option value="{{ $recipe->ulid }}">{{ $recipe->title }}</option>@endforeach</select></div>
                <div><label class="label" for="readings">Readings: minutes and value, a line each</label><textarea class="field figure" id="readings" name="readings" rows="6" data-keep="curve-readings" placeholder="0 5.1&#10;30 6.4&#10;60 5.8&#10;120 5.0">{{ old('readings') }}</textarea>@error('readings')<p class="fault" role="alert">{{ $message }}</p>@enderror</div>
                <details x-data="meter"><summary class="cursor-pointer underline">Read a meter</summary>
                    <div class="mt-2 grid gap-2">
                        <button type="button" class="button justify-self-start" x-show="canConnect" x-on:click="connect">Connect a meter</button>
                        <label class="label flex justify-between"
                            for="drawn"><span>Drawn meter, a reading every 15 minutes</span><span class="figure"><output x-text="value">5.2</output> mmol/L</span></label>
                        <input class="block h-11 w-full accent-cobalt" type="range" id="drawn" min="3" max="15" step="0.1" value="5.2" x-ref="value"
                            x-on:input="move">
                        <button type="button" class="button justify-self-start" x-on:click="draw">Send a reading</button>
                        <p role="status" class="figure" x-text="said"></p>
                    </div>
                </details>
                <div><label class="label" for="file">or a CSV of your meter or sensor</label><input class="field" type="file" id="file" name="file"
                    accept=".csv,text/csv,text/plain"></div>
                <div class="grid gap-3 sm:grid-cols-2">
                    <div><label class="label" for="unit">Readings are in</label><select class="field" id="unit" name="unit"><option value="">as the file says</option>@foreach (['mmol/L', 'mg/dL'] as $unit)<option @selected(old('unit') === $unit)>{{ $unit }}</option>@endforeach</select></div>
                    <x-entry name="first_bite" label="First bite at, if the file has times" placeholder="08:05"/>
                </div>
                <button class="button button-main justify-self-start">Keep the curve</button>
            </form>
        </section>
    </div>
</x-page>
