@php use App\View\Figures; @endphp
<x-page title="Almanac" here="almanac">
    <h1 class="text-4xl text-cobalt">Almanac</h1>
    <p class="mt-2 flex flex-wrap gap-x-6"><a class="py-1" href="#conventions">Ways of counting</a><a class="py-1"
        href="#pictures">In pictures</a><a class="py-1" href="#properties">What is compared</a><a class="py-1" href="#foods">Foods</a><a class="py-1"
        href="#tables">Every other figure</a><a class="py-1" href="#sources">Sources</a></p>
    <section id="conventions" class="mt-6">
        <h2 class="text-2xl">Ways of counting</h2>
        <dl class="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-[12rem_minmax(0,1fr)]">
            @foreach ($conventions as $convention)<dt class="font-semibold">{{ $convention['name'] }}</dt><dd class="max-w-[70ch]">{{ $convention['sentence'] }}</dd>@endforeach
        </dl>
        <x-care class="mt-3"/>
    </section>
    @include('almanac-pictures')
    <section id="properties" class="mt-8 max-w-[75ch]">
        <h2 class="text-2xl">What is compared</h2>
        <dl class="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-[12rem_minmax(0,1fr)]">
            <dt class="font-semibold">Sweetness</dt><dd>Each sweetener's grams times its sweetness against sugar, added up.</dd>
            <dt class="font-semibold">Bulk</dt><dd>Grams of sweetener, flour and binder, with the water that they take up.</dd>
            <dt class="font-semibold">Moisture</dt><dd>Grams of water for each gram that flours, fibres and gums take up.</dd>
            <dt class="font-semibold">Fat</dt><dd>Grams of fat in a gram of the mix.</dd>
            <dt class="font-semibold">Holding together</dt><dd>What keeps the crumb together, in grams of wheat flour that would hold as much.</dd>
            <dt class="font-semibold">Browning</dt><dd>The share of sugars that brown, times minutes; every ten degrees above 175 °C count double.</dd>
            <dt class="font-semibold">Grittiness</dt><dd>Erythritol against what the water left after baking dissolves at 25 °C: above 100 % it crystallises.</dd>
            <dt class="font-semibold">Cool aftertaste</dt><dd>The heat that crystals take up on the tongue, for each gram of a piece.</dd>
            <dt class="font-semibold">Water activity</dt><dd>From what is dissolved in the water left after the bake (Norrish 1966, Ross 1975): lower keeps softer and longer.</dd>
            <dt class="font-semibold">Sugar alcohols for one sitting</dt><dd>Sugar alcohols and allulose of one piece against what a body takes in one go: of 70 kg, or of the mass that your kitchen gives.</dd>
            <dt class="font-semibold">Erythritol</dt><dd>Its long-term safety for heart and vessels is debated in the medical literature: some studies found a link, others did not, and the question is open.</dd>
        </dl>
    </section>
    <section id="foods" class="mt-8">
        <h2 class="text-2xl">Foods, in 100 g</h2>
        <div class="mt-2 overflow-x-auto" tabindex="0" role="region" aria-label="Foods in 100 g">
            <table class="w-full text-[15px]">
                <thead><tr class="text-left text-sm text-soft">@foreach (['Food', 'kcal', 'carbohydrate', 'fibre', 'sugar alcohols', 'allulose', 'fat', 'protein', 'from'] as $head)<th class="py-1 pr-4 font-normal">{{ $head }}</th>@endforeach</tr></thead>
                <tbody>
                @foreach ($foods as $food)
                    <tr class="border-t border-line"><th scope="row"
                        class="py-1.5 pr-4 text-left font-normal"><a href="/almanac/foods/{{ $food->key }}">{{ $food->name }}</a></th>
                        <td class="figure pr-4">{{ Figures::whole($food->per100->energy) }}</td><td class="figure pr-4">{{ Figures::one($food->per100->carbohydrate) }}</td><td class="figure pr-4">{{ Figures::one($food->per100->fibre) }}</td><td class="figure pr-4">{{ Figures::one($food->per100->polyolGrams()) }}</td><td class="figure pr-4">{{ Figures::one($food->per100->allulose) }}</td><td class="figure pr-4">{{ Figures::one($food->per100->fat) }}</td><td class="figure pr-4">{{ Figures::one($food->per100->protein) }}</td><td class="text-soft">{{ $sources[$food->provenance]['kind'] ?? '' }}</td></tr>
                @endforeach
                </tbody>
            </table>
        </div>
    </section>
    <section id="tables" class="mt-8">
        <h2 class="text-2xl">Every other figure</h2>
        <ul class="mt-2 gap-x-8 sm:columns-2 lg:columns-3">
            @foreach ($tables as $key => $table)<li><a class="inline-block py-1.5" href="/almanac/tables/{{ $key }}">{{ $table }}</a></li>@endforeach
        </ul>
    </section>
    <section id="sources" class="mt-8">
        <h2 class="text-2xl">Sources</h2>
        <ul class="mt-2 max-w-[80ch]">
            @foreach ($sources as $source)<li class="border-t border-line py-1.5"><strong>{{ ucfirst($source['kind']) }}:</strong> {{ $source['source'] }}@if ($source['note'] !== ''); {{ $source['note'] }}@endif</li>@endforeach
        </ul>
    </section>
</x-page>
