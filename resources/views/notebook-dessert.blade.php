@php use App\View\Figures; use Aglyca\Core\Trial\Judged; @endphp
<x-page :title="'Notebook, '.$recipe->title" here="notebook">
    <h1 class="text-3xl text-cobalt lg:text-4xl">{{ $recipe->title }}</h1>
    <p class="text-soft">{{ $bakes->count() }} {{ $bakes->count() === 1 ? 'bake' : 'bakes' }} in {{ count($line->stations) }} {{ count($line->stations) === 1 ? 'version' : 'versions' }} · <a href="/bench/{{ $recipe->ulid }}">the Bench</a> · <a href="/counter/{{ $recipe->ulid }}">bake it</a> · <a href="/notebook">all bakes</a></p>
    @if ($bakes->isEmpty())
        <p class="mt-5 text-lg">Nothing is written down of it yet. Bake it on the Counter, or <a href="/counter/{{ $recipe->ulid }}#notes">write a bake down</a>.</p>
    @else
    <div class="tray mt-3 overflow-x-auto px-2" data-newest>
        <svg viewBox="0 0 {{ $line->width }} {{ $line->height }}" width="{{ $line->width }}" height="{{ $line->height }}" role="group"
            aria-label="Versions and bakes as a line; the list below says the same">
            @foreach ($line->ways as $way)<path d="{{ $way['path'] }}" fill="none" stroke="#1d3f91"
                stroke-width="3"/>@if ($way['words'] !== '')<text x="{{ $way['x'] }}" y="{{ $way['y'] }}" text-anchor="middle" font-size="12.5"
                fill="#46545f">{{ $way['words'] }}</text>@endif @endforeach
            @foreach ($line->stations as $station)
                @if (count($station['bakes']) > 1)<line x1="{{ $station['x'] }}" x2="{{ $station['bakes'][count($station['bakes']) - 1]['x'] }}"
                    y1="{{ $station['y'] }}" y2="{{ $station['y'] }}" stroke="#1d3f91" stroke-width="3"/>@endif
                <text x="{{ $station['x'] }}" y="{{ $station['y'] - 32 }}" text-anchor="middle" font-size="13" fill="#14212b"
                    font-weight="{{ $recipe->house_version_id === $station['version']->id ? 700 : 400 }}">{{ $recipe->house_version_id === $station['version']->id ? 'house version' : 'version '.$station['version']->number }}</text>
                @if ($station['bakes'] === [])<circle cx="{{ $station['x'] }}" cy="{{ $station['y'] }}" r="9" fill="#fff" stroke="#1d3f91"
                    stroke-width="3" stroke-dasharray="3 3"/>@endif
                @foreach ($station['bakes'] as ['bake' => $bake, 'x' => $x, 'y' => $y])
                    <a class="no-underline" href="?bake={{ $bake->id }}"
                        aria-label="{{ $bake->baked_on->format('j F') }}, {{ $bake->mark ? $bake->mark.' of 5' : 'not judged' }}">
                        <circle cx="{{ $x }}" cy="{{ $y }}" r="21" fill="{{ $open?->id === $bake->id ? '#f2c230' : '#fff' }}" stroke="#1d3f91"
                            stroke-width="3"/>
                        <text x="{{ $x }}" y="{{ $y + 6 }}" text-anchor="middle" font-size="18" font-weight="700"
                            fill="#14212b">{{ $bake->mark ?? '?' }}</text>
                        <text x="{{ $x }}" y="{{ $y + 40 }}" text-anchor="middle" font-size="13"
                            fill="#14212b">{{ $bake->baked_on->format('j M') }}</text>
                    </a>
                @endforeach
            @endforeach
        </svg>
    </div>
    <div class="mt-5 grid gap-8 lg:grid-cols-2">
        <section aria-label="The bake">
            <div class="flex flex-wrap items-baseline justify-between gap-4"><h2 class="text-2xl">{{ $open->baked_on->format('j F Y') }}</h2><a href="/notebook/bakes/{{ $open->id }}">Write more down</a></div>
            <p class="text-soft">version {{ $open->version->number }}@if ($open->mark) · <strong class="text-ink">{{ $open->mark }} of 5</strong>@endif</p>
            @if ($answer !== '')<p class="mt-2 border-l-4 border-here pl-3">{{ $answer }}</p>@endif
            @if ($open->photos->isNotEmpty())<div class="mt-3 flex flex-wrap gap-3">@foreach ($open->photos as $photo)<img class="h-40 rounded-md"
                src="/notebook/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
                alt="{{ $recipe->title }} on {{ $open->baked_on->format('j F') }}">@endforeach</div>@endif
            @if ($open->words !== '')<p class="mt-3 whitespace-pre-line text-lg">{{ $open->words }}</p>@endif
            @if ($open->notes()->judged !== [])
                <table class="mt-3"><caption class="sr-only">Judgement</caption>@foreach ($open->notes()->judged as $thing => $judged)<tr><th scope="row"
                    class="py-1 pr-5 text-left font-normal">{{ Judged::THINGS[$thing] }}</th><td><svg width="132" height="18" viewBox="0 0 132 18"
                    aria-hidden="true"><line x1="6" x2="126" y1="9" y2="9" stroke="#6b7a88" stroke-width="2"/><line x1="66" x2="66" y1="2" y2="16"
                    stroke="#6b7a88" stroke-width="2"/><circle cx="{{ ['little' => 12, 'right' => 66, 'much' => 120][$judged->value] }}" cy="9" r="6"
                    fill="{{ $judged === Judged::Right ? '#2f7a3c' : '#a1231d' }}"/></svg></td><td class="pl-3">{{ $judged->words() }}</td></tr>@endforeach</table>
            @endif
            @php $facts = array_filter(['in the oven' => $open->minutes === null ? '' : Figures::grams((float) $open->minutes).' min', 'at' => $open->heat_c === null ? '' : Figures::whole((float) $open->heat_c).' °C', 'weighed' => $open->mass_g === null ? '' : Figures::grams((float) $open->mass_g).' g', 'high' => $open->height_cm === null ? '' : Figures::one((float) $open->height_cm).' cm', 'pieces' => $open->pieces === null ? '' : Figures::count((float) $open->pieces)]); @endphp
            @if ($facts !== [])<p class="mt-3">{{ implode(' · ', array_map(fn ($k, $v) => "$k $v", array_keys($facts), $facts)) }}</p>@endif
            @if (($open->doing['weighed'] ?? []) !== [])
                <details class="mt-2"><summary class="py-2 text-cobalt underline underline-offset-3">What was weighed</summary><table class="w-full">@foreach ($open->doing['weighed'] as $one)<tr class="border-t border-line"><th scope="row"
                    class="py-1 text-left font-normal">{{ $one['name'] }}</th><td class="figure text-right">{{ Figures::grams((float) $one['grams']) }} g</td><td class="figure pl-3 text-right text-soft">{{ Figures::grams((float) $one['planned']) }} g planned</td></tr>@endforeach</table></details>
            @endif
            <div class="mt-3 flex flex-wrap gap-3 no-print">
                <form method="post" action="/notebook/{{ $recipe->ulid }}/pin">@csrf<button class="button" name="version"
                    value="{{ $open->version_id }}">{{ $recipe->house_version_id === $open->version_id ? 'No longer the house version' : 'Make this the house version' }}</button></form>
                <form method="post" action="/notebook/{{ $recipe->ulid }}/back">@csrf<button class="button" name="version"
                    value="{{ $open->version_id }}">Go on from this version</button></form>
            </div>
        </section>
        <section aria-label="What went wrong">
            <h2 class="text-2xl">What went wrong?</h2>
            @forelse ($causes as $cause)
                <div class="mt-2 border-t border-line pt-2">
                    <p class="text-lg"><strong>{{ $cause->label }}</strong> <span class="figure">{{ Figures::percent($cause->probability) }} %</span></p>
                    <p class="text-[15px] text-soft">For it: {{ implode('; ', $cause->because) }}.</p>
                    @if ($cause->against !== [])<p class="text-[15px] text-soft">Against it: {{ implode('; ', $cause->against) }}.</p>@endif
                    @if ($cause->change)
                        <form method="post" action="/notebook/bakes/{{ $open->id }}/try"
                            class="mt-1">@csrf<button class="{{ $loop->first ? 'button button-main' : 'button' }} text-left" name="cause"
                            value="{{ $cause->key }}">Try it: {{ rtrim($cause->change->sentence, '.') }}</button></form>
                        @if ($cause->change->properties !== [])<p class="mt-1 text-[15px] text-soft">@foreach (array_filter($cause->change->properties, fn ($p) => $p[0]->ratio() !== null && $p[1]->ratio() !== null) as [$before, $after]){{ $before->name }} {{ Figures::percent($before->ratio()) }} → {{ Figures::percent($after->ratio()) }} %{{ $loop->last ? '' : ', ' }}@endforeach</p>@endif
                    @endif
                </div>
            @empty
                <p class="mt-1">{{ $open->notes()->judged === [] ? 'Say how it came out, and the likely causes stand here.' : 'Nothing was judged wrong, so nothing is looked for.' }} <a href="/notebook/bakes/{{ $open->id }}">Judge it</a></p>
            @endforelse
            @if ($bakes->count() > 1)
                <h2 class="mt-8 text-2xl">Beside another bake</h2>
                <form method="get" class="mt-1 flex flex-wrap items-end gap-3 no-print"><input type="hidden" name="bake"
                    value="{{ $open->id }}"><div><label class="label" for="beside">Bake</label><select class="field" id="beside"
                    name="beside">@foreach ($bakes->where('id', '!=', $open->id) as $each)<option value="{{ $each->id }}"
                    @selected($other?->id === $each->id)>{{ $each->baked_on->format('j M Y') }}, {{ $each->mark ? $each->mark.' of 5' : 'not judged' }}</option>@endforeach</select></div><button class="button">Compare</button></form>
                @if ($other)
                    <table class="mt-3 w-full"><thead class="text-sm text-soft"><tr><th class="text-left font-normal">differs</th><th class="text-right font-normal">{{ $open->baked_on->format('j M') }}</th><th class="pl-3 text-right font-normal">{{ $other->baked_on->format('j M') }}</th></tr></thead><tbody>@forelse ($rows as $row)<tr class="border-t border-line"><th scope="row"
                        class="py-1.5 text-left font-normal">{{ $row['name'] }}</th><td class="figure text-right">{{ $row['a'] }}</td><td class="figure pl-3 text-right">{{ $row['b'] }}</td></tr>@empty<tr><td class="py-2">Nothing that was written down differs.</td></tr>@endforelse</tbody></table>
                @endif
            @endif
        </section>
    </div>
    <h2 class="mt-8 text-2xl">All bakes of it</h2>
    <table class="mt-1 w-full"><thead class="text-sm text-soft"><tr><th class="text-left font-normal">baked</th><th class="text-left font-normal">version</th><th class="text-left font-normal">mark</th><th class="text-left font-normal max-sm:hidden">words</th></tr></thead><tbody>@foreach ($bakes as $bake)<tr class="border-t border-line"><td class="figure py-1.5"><a href="?bake={{ $bake->id }}">{{ $bake->baked_on->format('j M Y') }}</a></td><td>{{ $bake->version->number }}</td><td>{{ $bake->mark ? $bake->mark.' of 5' : '–' }}</td><td class="max-sm:hidden">{{ Str::limit($bake->words, 90) }}</td></tr>@endforeach</tbody></table>
    @endif
</x-page>
