@php use App\View\Figures; $n = $food->per100; @endphp
<x-page :title="$food->name" here="almanac" :wide="false">
    <p><a href="/almanac">Almanac</a></p>
    <h1 class="mt-1 text-4xl text-cobalt">{{ $food->name }}</h1>
    @if ($aliases !== [])<p class="mt-1 text-soft">also read as {{ implode(', ', $aliases) }}</p>@endif
    <table class="mt-4 w-full max-w-md">
        <caption class="text-left font-semibold">@if ($food->bag !== '')In 100 g, by the label of “{{ $food->bag }}”@else In 100 g, ± {{ Figures::percent($food->u) }} %@endif</caption>
        <tbody>
        @foreach ([['Energy', Figures::whole($n->energy).' kcal'], ['Water', Figures::one($n->water).' g'], ['Protein', Figures::one($n->protein).' g'], ['Fat', Figures::one($n->fat).' g'], ['Total carbohydrate', Figures::one($n->carbohydrate).' g'], ['of it fibre', Figures::one($n->fibre).' g'], ['of it sugars', Figures::one($n->sugars).' g'], ['of it allulose', Figures::one($n->allulose).' g'], ...array_map(fn ($name, $grams) => ["of it $name", Figures::one($grams).' g'], array_keys($n->polyols), $n->polyols), ['Salt', Figures::one($n->salt).' g']] as [$name, $figure])
            <tr class="border-t border-line"><th scope="row"
                class="py-1 text-left font-normal">{{ $name }}</th><td class="figure text-right">{{ $figure }}</td></tr>
        @endforeach
        </tbody>
    </table>
    @if ($food->bag !== '')<p class="mt-3">These figures are those of the label that you typed into the <a href="/pantry/{{ $food->package }}">Pantry</a>.</p>@else<p class="mt-3"><strong>{{ ucfirst($source['kind']) }}:</strong> {{ $source['source'] }}@if ($source['note'] !== ''); {{ $source['note'] }}@endif. @if ($food->note !== '')<br>{{ ucfirst($food->note) }}.@endif</p>@endif
    @if ($food->allergens !== [])<p class="mt-2">Allergens: {{ implode(', ', array_map(fn ($a) => preg_replace('~^(\w+):(.+)$~', '$1 ($2)', $a), $food->allergens)) }}.</p>@endif
    @if ($facts['densities'] !== [] || $facts['portions'] !== [])
        <h2 class="mt-6 text-xl">What it weighs</h2>
        <ul class="mt-1">
            @foreach ($facts['densities'] as $row)<li>a {{ $row['per'] }}{{ $row['form'] !== '' ? ', '.$row['form'] : '' }}: <span class="figure">{{ Figures::grams((float) $row['grams']) }} g</span> <span class="text-soft">({{ $says->from($row) }})</span></li>@endforeach
            @foreach ($facts['portions'] as $row)<li>one{{ $row['portion'] !== '' ? ', '.$row['portion'] : '' }}: <span class="figure">{{ Figures::grams((float) $row['grams']) }} ± {{ Figures::grams((float) $row['u_grams']) }} g</span> <span class="text-soft">({{ $says->from($row) }})</span></li>@endforeach
        </ul>
    @endif
    @if ($facts['properties'] !== [])
        <h2 class="mt-6 text-xl">In a dough</h2>
        <ul class="mt-1">
            @foreach ($facts['properties'] as $row)@php $said = $says->property($row); @endphp<li>{{ $said['what'] }}@if ($said['typical'] !== ''): <span class="figure">{{ $said['typical'] }}</span> {{ $said['of'] }}, {{ $said['range'] }}@endif <span class="text-soft">({{ $said['from'] }})</span></li>@endforeach
        </ul>
    @endif
    @foreach (['by' => 'What goes in instead of it', 'of' => 'What it goes in instead of'] as $way => $title)
        @if ($instead->$way !== [])
            <h2 class="mt-6 text-xl">{{ $title }}</h2>
            <ul class="mt-1">@foreach ($instead->$way as $one)<li><a href="/almanac/foods/{{ $one->food->key }}">{{ $one->food->name }}</a>@if ($one->why !== ''): {{ $one->why }}@endif</li>@endforeach</ul>
        @endif
    @endforeach
    @auth
        <h2 class="mt-6 text-xl">In your desserts</h2>
        @if ($desserts === [])<p class="mt-1">In none of them.</p>@else<ul class="mt-1">@foreach ($desserts as $recipe)<li><a href="/bench/{{ $recipe->ulid }}">{{ $recipe->title }}</a></li>@endforeach</ul>@endif
    @endauth
</x-page>
