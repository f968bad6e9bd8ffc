@php
    use Aglyca\Core\Larder\Label\Label;
    use Aglyca\Core\Larder\LabelLaw;
    use App\Http\Requests\PackageRequest;
    use App\View\BagDrawing;
    use App\View\Figures;
    $names_ = ['energy' => 'Energy, kcal', 'fat' => 'Fat, g', 'carbohydrate' => 'Carbohydrate, g', 'fibre' => 'Fibre, g', 'sugars' => 'Sugars, g', 'polyols' => 'Sugar alcohols, g', 'allulose' => 'Allulose, g', 'protein' => 'Protein, g', 'salt' => 'Salt, g'];
    $laws = ['us-ca' => 'US or Canada', 'eu-uk' => 'EU or UK', 'au-nz' => 'Australia or New Zealand'];
@endphp
<x-page title="Pantry" here="pantry">
    <h1 class="text-4xl text-cobalt">Pantry</h1>
    <div class="mt-4 grid gap-8 lg:grid-cols-[minmax(0,1fr)_440px]">
        <section aria-label="Packages">
            @if ($packages->isEmpty())
                <p class="text-lg">No packages yet. Type in the label of one that you use: its figures then count in place of the larder's.</p>
            @endif
            @if ($packages->count() > 5)
                <div class="mb-3 max-w-md"><label class="label" for="find-package">Find a package by its name or its food</label><input class="field"
                    type="search" id="find-package" data-find="#packages" autocomplete="off"></div>
                <p id="packages-none" class="text-lg" role="status" hidden>No package is called that.</p>
            @endif
            @if ($packages->contains(fn ($each) => BagDrawing::of($each) !== null))<p class="mb-2 text-[15px] text-soft">Drag a bag's level to what is left in it, or press the arrow keys on it.</p>@endif
            <svg class="absolute" width="0" height="0" aria-hidden="true"><defs>
                <path id="bag-outline" d="M9 10H47L51 64Q51 68 47 68H9Q5 68 5 64Z"/>
                <clipPath id="bag-inside"><use href="#bag-outline"/></clipPath>
                <g id="bag-back"><use href="#bag-outline" fill="#fff"/></g>
                <g id="bag-front" fill="none" stroke="#1d3f91" stroke-width="2"><use href="#bag-outline"/><path d="M11 10V4H45V10" fill="#fff"/></g>
            </defs></svg>
            <ul id="packages">
                @foreach ($packages as $each)
                    @php $food = $kernel->catalogue->package((string) $each->id); @endphp
                    @if ($food === null)
                        <li class="border-t border-line py-3"><h2 class="text-xl">{{ $each->name }}</h2><p class="doubt">Its label cannot be counted, so the larder's figures are used. <a href="/pantry/{{ $each->id }}">Type it in again</a>, or remove it.</p><form method="post"
                            action="/pantry/{{ $each->id }}/remove">@csrf<button class="link-button">Remove</button></form></li>
                        @continue
                    @endif
                    @php $facts = $food->per100; $faults = $kernel->catalogue->contradictions($each->label()); @endphp
                    @php $bag = BagDrawing::of($each); @endphp
                    <li id="package-{{ $each->id }}" class="flex gap-x-4 border-t border-line py-2">
                        @if ($bag)
                            <form method="post" action="{{ route('pantry.left', $each, false) }}" class="bag" data-bag>@csrf
                                <svg viewBox="0 0 {{ BagDrawing::WIDTH }} {{ BagDrawing::HEIGHT }}" width="{{ BagDrawing::WIDTH }}" height="{{ BagDrawing::HEIGHT }}" aria-hidden="true"><use href="#bag-back"/><rect
                                    class="bag-fill" x="0" y="{{ $bag->level }}" width="{{ BagDrawing::WIDTH }}" height="{{ BagDrawing::HEIGHT }}" clip-path="url(#bag-inside)"/><use href="#bag-front"/></svg>
                                <input type="range" name="left_g" min="0" max="{{ $bag->size }}" step="any" data-step="{{ $bag->step() }}" value="{{ $bag->left }}"
                                    aria-label="Left of {{ $each->name }}, grams" aria-valuetext="{{ Figures::grams($bag->left) }} of {{ Figures::grams($bag->size) }} g">
                                <noscript><button class="link-button text-sm">Set</button></noscript>
                            </form>
                        @else<span class="bag" aria-hidden="true"></span>@endif
                        <div class="min-w-0 flex-1">
                        <div class="flex flex-wrap items-baseline gap-x-4">
                            <h2 class="text-xl"><a class="no-underline hover:underline" href="/pantry/{{ $each->id }}">{{ $each->name }}</a></h2>
                            <p class="text-[15px] text-soft">{{ $each->food === '' ? 'bought ready-made' : $kernel->catalogue->plainFood($each->food)?->name }}@if ($each->is_default), <strong class="text-ink">your usual</strong>@endif</p>
                            <form method="post" action="/pantry/{{ $each->id }}/remove" class="ml-auto">@csrf<button class="link-button"
                                aria-label="Remove {{ $each->name }}">Remove</button></form>
                        </div>
                        <p class="text-[15px]">In 100 g: total carbohydrate <span class="figure">{{ Figures::one($facts->carbohydrate) }}</span>, fibre <span class="figure">{{ Figures::one($facts->fibre) }}</span>@if ($facts->polyolGrams() > 0), {{ array_key_first($facts->polyols) }} <span class="figure">{{ Figures::one($facts->polyolGrams()) }}</span>@endif<?php ?>@if ($facts->allulose > 0), allulose <span class="figure">{{ Figures::one($facts->allulose) }}</span>@endif g; its rounding leaves <span class="figure">± {{ Figures::one($food->netCarbsHalfWidth()) }}</span> g net. <span class="text-soft">{{ $laws[$each->law] }} label, {{ Figures::grams((float) $each->serving_g) }} g a serving.</span></p>
                        @if ($each->left_g !== null || $each->best_before !== null)<p class="text-[15px]">@if ($each->left_g !== null)<span class="figure" data-left>{{ Figures::grams((float) $each->left_g) }} g</span> left @if ($bag) of {{ Figures::grams($bag->size) }} g @endif @endif @if ($each->opened_on) · opened {{ $each->opened_on->format('j F') }}@endif @if ($each->best_before) · good until {{ $each->best_before->format('j F Y') }}@endif</p>@endif
                        @foreach ($faults as $fault)<p class="doubt mt-1">{{ $fault }}</p>@endforeach
                        </div>
                    </li>
                @endforeach
            </ul>
            @php $prices = $kernel->catalogue->sweetenerPrices(100.0, $convention); @endphp
            @if (count($prices) > 0)
                <h2 class="mt-8 text-2xl">What sweetness costs</h2>
                <table class="mt-1 w-full">
                    <caption class="text-left text-[15px] text-soft">For the sweetness of 100 g sugar</caption>
                    <thead class="text-sm text-soft"><tr><th class="text-left font-normal">package</th><th class="text-right font-normal">grams</th><th class="pl-3 text-right font-normal">price</th><th class="pl-3 text-right font-normal">net carbs</th></tr></thead>
                    <tbody>@foreach ($prices as $row)<tr class="border-t border-line"><th scope="row"
                        class="py-1.5 text-left font-normal">{{ $row->food->name }} <span class="text-soft">{{ $row->food->bag }}</span></th><td class="figure text-right">{{ Figures::grams($row->grams) }}</td><td class="figure pl-3 text-right font-semibold">{{ Figures::money($row->price, $currency) }}</td><td class="figure pl-3 text-right">{{ Figures::one($row->netCarbs) }} g</td></tr>@endforeach</tbody>
                </table>
            @endif
            <h2 id="toppings" class="mt-8 text-2xl">Toppings</h2>
            <ul class="mt-1">
                @foreach ($toppings as $topping)
                    @php $served = $toppingServings[$topping->id]; @endphp
                    <li class="flex flex-wrap items-center justify-between gap-x-4 border-t border-line"><span><strong>{{ $topping->name }}</strong>, {{ implode(', ', preg_split('~\R~u', $topping->text)) }}: <span class="figure">{{ Figures::one($served->netCarbs($convention)->value) }} g</span> net</span><form method="post"
                        action="/pantry/toppings/{{ $topping->id }}/remove">@csrf<button class="link-button"
                        aria-label="Remove {{ $topping->name }}">Remove</button></form></li>
                @endforeach
            </ul>
            <form method="post" action="/pantry/toppings" class="mt-2 flex flex-wrap items-end gap-3 border-t border-line pt-2">
                <x-once/>
                <div class="w-48"><label class="label" for="topping-name">Topping</label><input class="field" id="topping-name" name="topping_name"
                    data-keep="topping-name" value="{{ old('topping_name') }}" placeholder="Soft cream" @error('topping_name') aria-invalid="true"
                    aria-describedby="topping-name-fault" @enderror></div>
                <div class="min-w-60 flex-1"><label class="label" for="topping-text">What goes on one piece, a line each</label><textarea class="field" id="topping-text" name="text" rows="2" data-keep="topping-text" placeholder="2 tbsp whipping cream" @error('text') aria-invalid="true" aria-describedby="topping-text-fault" @enderror>{{ old('text') }}</textarea></div>
                <button class="button">Keep the topping</button>
                @error('topping_name')<p id="topping-name-fault" class="fault w-full" role="alert">{{ $message }}</p>@enderror
                @error('text')<p id="topping-text-fault" class="fault w-full" role="alert">{{ $message }}</p>@enderror
            </form>
            @if ($names->isNotEmpty())
                <h2 class="mt-8 text-2xl">Names you taught</h2>
                <ul class="mt-1">
                    @foreach ($names as $name)
                        <li class="flex items-center justify-between border-t border-line"><span>“{{ $name->typed }}” is <strong>{{ $kernel->catalogue->plainFood($name->food)?->name ?? $name->food }}</strong></span><form method="post"
                            action="/pantry/names/{{ $name->id }}/forget">@csrf<button class="link-button"
                            aria-label="Forget {{ $name->typed }}">Forget</button></form></li>
                    @endforeach
                </ul>
            @endif
        </section>
        <section class="tray self-start p-4" aria-label="A package's label">
            <h2 class="text-xl">{{ $package->exists ? 'Change “'.$package->name.'”' : 'A package’s label' }}</h2>
            <form method="post" action="{{ $package->exists ? '/pantry/'.$package->id : '/pantry' }}" class="mt-2 grid gap-3">
                <x-once/>
                <x-entry name="name" data-keep="name" label="Your name for it" :value="$package->name ?? ''" placeholder="The blue bag"/>
                <x-entry name="food" data-keep="food" label="It is" list="foods"
                    :value="$package->exists ? $kernel->catalogue->plainFood($package->food)?->name : ''"
                    hint="Nothing for a dessert bought ready-made, to compare with your own."/>
                <div>
                    <label class="label" for="law">The label is from</label>
                    <select class="field" id="law" name="law" data-law-of=".label-box">@foreach ($laws as $key => $law)<option value="{{ $key }}"
                        @selected(old('law', $package->law) === $key)>{{ $law }}</option>@endforeach</select>
                    <p class="text-sm text-soft">In the EU and UK fibre is not in the carbohydrate; in the US and Canada it is.</p>
                </div>
                <x-entry name="serving_g" data-keep="serving_g" label="The figures are for, g" inputmode="decimal"
                    :value="$package->exists ? Figures::typed((float) $package->serving_g) : ''" placeholder="100, or the serving"/>
                <fieldset class="label-box" data-law="{{ old('law', $package->law) }}">
                    <legend class="label">As printed; “&lt;1” or nothing is fine</legend>
                    @foreach (Label::FIGURES as $figure)
                        <div class="label-row label-{{ $figure }}">
                            <label for="printed-{{ $figure }}">{{ $names_[$figure] }}</label>
                            <input class="field figure" id="printed-{{ $figure }}" name="printed[{{ $figure }}]" data-keep="printed-{{ $figure }}"
                                inputmode="decimal" value="{{ old("printed.$figure", $package->printed[$figure] ?? '') }}" @error("printed.$figure")
                                aria-invalid="true" aria-describedby="printed-{{ $figure }}-fault" @enderror>
                        </div>
                    @endforeach
                </fieldset>
                @foreach (Label::FIGURES as $figure)@error("printed.$figure")<p id="printed-{{ $figure }}-fault" class="fault"
                    role="alert">{{ $names_[$figure] }}: {{ $message }}</p>@enderror @endforeach
                <div>
                    <label class="label" for="polyol">Which sugar alcohol</label>
                    <select class="field" id="polyol" name="polyol">@foreach (PackageRequest::POLYOLS as $key => $polyol)<option value="{{ $key }}"
                        @selected(old('polyol', $package->polyol) === $key)>{{ $polyol }}</option>@endforeach</select>
                </div>
                <div class="grid grid-cols-2 gap-2">
                    <x-entry name="price" data-keep="price" label="Price" inputmode="decimal" :value="$package->price ?? ''"/>
                    <x-entry name="size_g" data-keep="size_g" label="Size, g" inputmode="decimal"
                        :value="$package->exists && $package->size_g !== null ? Figures::typed((float) $package->size_g) : ''"/>
                </div>
                <div class="grid grid-cols-3 gap-2">
                    <x-entry name="left_g" data-keep="left_g" label="Left in it, g" inputmode="decimal"
                        :value="$package->exists && $package->left_g !== null ? Figures::typed((float) $package->left_g) : ''"/>
                    <x-entry name="opened_on" data-keep="opened_on" label="Opened on" type="date"
                        :value="$package->opened_on?->toDateString() ?? ''"/>
                    <x-entry name="best_before" data-keep="best_before" label="Good until" type="date"
                        :value="$package->best_before?->toDateString() ?? ''"/>
                </div>
                <label class="flex min-h-[44px] items-center gap-3"><input class="h-6 w-6 accent-cobalt" type="checkbox" name="is_default" value="1"
                    @checked(old('is_default', $package->is_default))> It is my usual one</label>
                <div class="flex flex-wrap gap-3"><button class="button button-main">Keep the label</button>@if ($package->exists)<a class="button"
                    href="/pantry">Close</a>@endif</div>
            </form>
        </section>
    </div>
    <datalist id="foods">{{ App\View\Options::found($kernel->catalogue->foodNames()) }}</datalist>
</x-page>
