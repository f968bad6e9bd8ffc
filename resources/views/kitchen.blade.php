<x-page title="Kitchen" here="kitchen" :wide="false">
    <h1 class="text-4xl text-cobalt">{{ $kitchen->name }}</h1>
    <form method="post" action="/kitchen" class="mt-5 grid max-w-md gap-4">
        @csrf
        <x-entry name="name" label="Name" :value="$kitchen->name"/>
        <x-entry name="limit_g" label="Your limit, g net carbs a piece" :value="$kitchen->limit_g ?? ''" inputmode="decimal"
            hint="Drawn as a line across what carries the carbs. Leave it empty for none."/>
        <x-entry name="body_kg" label="Body mass of whom you bake for, kg" :value="$kitchen->body_kg ?? ''" inputmode="decimal"
            hint="For how much sugar alcohol a piece may hold. Leave it empty for 70 kg."/>
        <x-entry name="currency" label="Prices are in" :value="$kitchen->currency" placeholder="€"/>
        <div>
            <label class="label" for="convention">New desserts are counted</label>
            <select class="field" id="convention" name="convention">
                @foreach ($conventions as $key => $convention)<option value="{{ $key }}"
                    @selected(old('convention', $kitchen->convention) === $key)>{{ $convention['name'] }}</option>@endforeach
            </select>
        </div>
        <div>
            <label class="label" for="heats">Heats of the oven are said</label>
            <select class="field" id="heats" name="heats">{{ App\View\Options::of(Aglyca\Core\Swap\KitchenLimits::HEATS, old('heats', $kitchen->heats)) }}</select>
            <p class="text-sm text-soft">On the Bench, the card, the Day, the Counter and in what you print or send.</p>
        </div>
        <div>
            <label class="label" for="measures">Cups and spoons are</label>
            <select class="field" id="measures" name="measures">{{ App\View\Options::of(Aglyca\Core\Larder\Ways::MEASURES, old('measures', $kitchen->measures)) }}</select>
            @if ($proposed !== null)<p class="text-sm text-soft">Most of your last recipes are written with {{ $proposed }}.</p>@endif
        </div>
        <div>
            <label class="label" for="first">You read first</label>
            <select class="field" id="first" name="first">{{ App\View\Options::of(Aglyca\Core\Larder\Ways::FIRST, old('first', $kitchen->first)) }}</select>
        </div>
        <div>
            <label class="label" for="scale">Your scale shows</label>
            <select class="field" id="scale" name="scale">{{ App\View\Options::of(Aglyca\Core\Larder\Ways::SCALES, old('scale', $kitchen->scale)) }}</select>
            <p class="text-sm text-soft">Amounts are rounded to what it can show.</p>
        </div>
        <div>
            <label class="label" for="decimals">Tenths are written</label>
            <select class="field" id="decimals" name="decimals"><option value=".">with a point: 2.5 g</option><option value=","
                @selected(old('decimals', $kitchen->decimals) === ',')>with a comma: 2,5 g</option></select>
        </div>
        <button class="button button-main justify-self-start">Keep</button>
    </form>
    @if (($kitchen->refused ?? []) !== [])
        <h2 class="mt-10 text-2xl">Never used here</h2>
        <ul class="mt-1 max-w-md">@foreach ($kitchen->refused as $food)<li class="flex items-center justify-between border-t border-line">{{ $names[$food] ?? $food }}<form method="post"
            action="/kitchen/refused">@csrf<button class="link-button" name="allow" value="{{ $food }}"
            aria-label="Allow {{ $names[$food] ?? $food }}">Allow it</button></form></li>@endforeach</ul>
    @endif
    <p class="mt-10 border-t border-line pt-5 text-lg"><a href="/you">Your sign-in, who else keeps this kitchen, a copy of all of it, and leaving</a></p>
    <form method="post" action="/sign-out" class="mt-5">@csrf<button class="button">Sign out</button></form>
</x-page>
