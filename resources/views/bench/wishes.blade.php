@php
    use App\View\Figures;
    $wishes = $page->conversion->brief;
    $others = $page->kernel->runnersUp($page->conversion);
@endphp
<h2 class="text-xl">Your swap</h2>
<x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" live id="wishes" data-each class="mt-2 grid gap-3">
    <input type="hidden" name="panel" value="1">
    <div>
        <label class="label" for="sweetener">Sweetener</label>
        <select class="field" id="sweetener" name="sweetener">
            {{ App\View\Options::of($page->kernel->catalogue->sweeteners(), $wishes->wishes->sweetener) }}
        </select>
    </div>
    <div x-data="slider">
        <label class="label flex justify-between"
            for="sweetness"><span>Sweetness</span><span class="figure"><output x-text="value">{{ Figures::count($wishes->wishes->percent()) }}</output> %</span></label>
        <input class="block h-11 w-full accent-cobalt" type="range" id="sweetness" name="sweetness" min="60" max="110" step="0.5" x-ref="input"
            x-on:input="move" value="{{ Figures::count($wishes->wishes->percent()) }}">
    </div>
    <div>
        <label class="label" for="school">Flour</label>
        <select class="field" id="school" name="school">
            {{ App\View\Options::of($page->kernel->catalogue->schools(), $wishes->wishes->school) }}
        </select>
    </div>
    <div class="grid gap-2">
        @foreach ($page->conversion->swap->families as $component => $family)
            <div class="grid grid-cols-[6.5rem_minmax(0,1fr)] items-center gap-2">
                <label class="text-sm font-semibold"
                    for="family-{{ $component }}">{{ $page->conversion->recipe->components[$component] ?: 'Kind of bake' }}</label>
                <select class="field" id="family-{{ $component }}"
                    name="families[{{ $component }}]">{{ App\View\Options::of($page->kernel->catalogue->families(), $family->key) }}</select>
            </div>
            @if ($others[$component] ?? null)<p class="text-right text-[15px]"><button class="link-button" name="families[{{ $component }}]"
                value="{{ $others[$component]->key }}">It could also be: {{ mb_strtolower($others[$component]->name) }}</button></p>@endif
        @endforeach
    </div>
    <div class="grid grid-cols-[7rem_minmax(0,1fr)] gap-3">
        <div>
            @if ($wishes->portions->isByMass())
                <p class="label">Pieces</p>
                <p class="figure pt-2"><a href="{{ $page->path('bench/pieces') }}">{{ $page->pieces() }}, weighed</a></p>
            @else
            <label class="label" for="pieces">Pieces</label>
            <input class="field figure" id="pieces" name="pieces" inputmode="decimal" value="{{ $page->typed('pieces', $page->pieces()) }}"
                @if ($page->faults->has('pieces')) aria-invalid="true" aria-describedby="pieces-fault" @endif>
            @endif
        </div>
        <div>
            <label class="label" for="convention">Counted</label>
            <select class="field" id="convention" name="convention">
                {{ App\View\Options::of(app(App\View\Conventions::class)->names(), $wishes->convention->value) }}
            </select>
        </div>
    </div>
    <details @if ($wishes->wishes->without !== [] || $wishes->wishes->cooler > 0 || $wishes->wishes->appliance !== '') open @endif>
        <summary class="py-1 text-cobalt underline underline-offset-3">Where it is baked, and what must not be in it</summary>
        <label class="label mt-2" for="cooler">Oven lower than the flour asks</label>
        <select class="field" id="cooler" name="cooler">{{ App\View\Options::of(['no lower', 5 => '5 °C lower', 10 => '10 °C lower', 15 => '15 °C lower', 20 => '20 °C lower'], (int) $wishes->wishes->cooler) }}</select>
        @if (count($page->appliances()) > 1)<label class="label mt-2" for="appliance">Baked in</label>
        <select class="field" id="appliance"
            name="appliance">{{ App\View\Options::of($page->appliances(), $wishes->wishes->appliance) }}</select>@endif
        <fieldset class="mt-2 flex flex-wrap gap-x-4"><legend class="label">Without</legend><input type="hidden" name="without[]" value="">
            @foreach ($page->kernel->catalogue->allergens() as $key => $name)<label class="flex min-h-[44px] items-center gap-2"><input class="h-5 w-5 accent-cobalt"
                type="checkbox" name="without[]" value="{{ $key }}"
                @checked(in_array($key, $wishes->wishes->without, true))> {{ $name }}</label>@endforeach
        </fieldset>
    </details>
    @foreach (['pieces', 'sweetness', 'sweetener', 'school', 'convention', 'cooler', 'appliance'] as $field)
        @if ($page->faults->has($field))<p id="{{ $field }}-fault" class="fault" role="alert">{{ $page->faults->first($field) }}</p>@endif
    @endforeach
    @if ($page->conversion->recipe->pieces === null && $wishes->portions->pieces === null)
        <p class="doubt">The recipe does not say how many it makes: {{ $page->pieces() }} are assumed, as is usual for {{ mb_strtolower($page->conversion->swap->family()->name) }}. Say how many under “Pieces”.</p>
    @endif
    <noscript><button class="button button-main">Use this</button></noscript>
</x-live-form>
