@php
    use Aglyca\Core\Larder\Label\Label;
    use Aglyca\Core\Larder\LabelLaw;
    use App\Http\Requests\PackageRequest;
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
            <ul>
                @foreach ($packages as $each)
                    @php $food = $workshop->larder->fromPackage((string) $each->id); $facts = $food->per100; $faults = $workshop->labels->contradictions($each->label()); @endphp
                    <li class="border-t border-line py-3">
                        <div class="flex flex-wrap items-baseline justify-between gap-x-6">
                            <h2 class="text-xl"><a class="no-underline hover:underline" href="/pantry/{{ $each->id }}">{{ $each->name }}</a></h2>
                            <p class="text-[15px] text-soft">{{ $workshop->larder->plain($each->food)?->name }}@if ($each->is_default), <strong class="text-ink">your usual</strong>@endif</p>
                        </div>
                        <p class="text-[15px]">In 100 g: total carbohydrate <span class="figure">{{ Figures::one($facts->carbohydrate) }}</span>, fibre <span class="figure">{{ Figures::one($facts->fibre) }}</span>@if ($facts->polyolGrams() > 0), {{ array_key_first($facts->polyols) }} <span class="figure">{{ Figures::one($facts->polyolGrams()) }}</span>@endif<?php ?>@if ($facts->allulose > 0), allulose <span class="figure">{{ Figures::one($facts->allulose) }}</span>@endif g; its rounding leaves <span class="figure">± {{ Figures::one($food->netCarbsU * 2) }}</span> g net. <span class="text-soft">{{ $laws[$each->law] }} label, {{ Figures::grams((float) $each->serving_g) }} g a serving.</span></p>
                        @foreach ($faults as $fault)<p class="doubt mt-1">{{ $fault }}</p>@endforeach
                        <form method="post" action="/pantry/{{ $each->id }}/remove">@csrf<button class="link-button" aria-label="Take {{ $each->name }} out">Take out</button></form>
                    </li>
                @endforeach
            </ul>
            @if ($names->isNotEmpty())
                <h2 class="mt-8 text-2xl">Names you taught</h2>
                <ul class="mt-1">
                    @foreach ($names as $name)
                        <li class="flex items-center justify-between border-t border-line"><span>“{{ $name->typed }}” is <strong>{{ $workshop->larder->plain($name->food)?->name ?? $name->food }}</strong></span><form method="post" action="/pantry/names/{{ $name->id }}/forget">@csrf<button class="link-button" aria-label="Forget {{ $name->typed }}">Forget</button></form></li>
                    @endforeach
                </ul>
            @endif
        </section>
        <section class="tray self-start p-4" aria-label="A package's label">
            <h2 class="text-xl">{{ $package->exists ? 'Change “'.$package->name.'”' : 'A package’s label' }}</h2>
            <form method="post" action="{{ $package->exists ? '/pantry/'.$package->id : '/pantry' }}" class="mt-2 grid gap-3">
                @csrf
                <x-entry name="name" label="Your name for it" :value="$package->name ?? ''" placeholder="The blue bag"/>
                <x-entry name="food" label="It is" list="foods" :value="$package->exists ? $workshop->larder->plain($package->food)?->name : ''"/>
                <div>
                    <label class="label" for="law">The label is from</label>
                    <select class="field" id="law" name="law">@foreach ($laws as $key => $law)<option value="{{ $key }}" @selected(old('law', $package->law) === $key)>{{ $law }}</option>@endforeach</select>
                    <p class="text-sm text-soft">In the EU and UK fibre is not in the carbohydrate; in the US and Canada it is.</p>
                </div>
                <x-entry name="serving_g" label="The figures are for, g" inputmode="decimal" :value="$package->exists ? Figures::grams((float) $package->serving_g) : ''" placeholder="100, or the serving"/>
                <fieldset class="grid grid-cols-3 gap-2">
                    <legend class="label">As printed; “&lt;1” or nothing is fine</legend>
                    @foreach (Label::FIGURES as $figure)
                        <div>
                            <label class="text-sm" for="printed-{{ $figure }}">{{ $names_[$figure] }}</label>
                            <input class="field figure" id="printed-{{ $figure }}" name="printed[{{ $figure }}]" inputmode="decimal" value="{{ old("printed.$figure", $package->printed[$figure] ?? '') }}" @error("printed.$figure") aria-invalid="true" aria-describedby="printed-{{ $figure }}-fault" @enderror>
                        </div>
                    @endforeach
                </fieldset>
                @foreach (Label::FIGURES as $figure)@error("printed.$figure")<p id="printed-{{ $figure }}-fault" class="fault" role="alert">{{ $names_[$figure] }}: {{ $message }}</p>@enderror @endforeach
                <div>
                    <label class="label" for="polyol">Which sugar alcohol</label>
                    <select class="field" id="polyol" name="polyol">@foreach (PackageRequest::POLYOLS as $key => $polyol)<option value="{{ $key }}" @selected(old('polyol', $package->polyol) === $key)>{{ $polyol }}</option>@endforeach</select>
                </div>
                <div class="grid grid-cols-2 gap-2">
                    <x-entry name="price" label="Price" inputmode="decimal" :value="$package->price ?? ''"/>
                    <x-entry name="size_g" label="Size, g" inputmode="decimal" :value="$package->exists && $package->size_g !== null ? Figures::grams((float) $package->size_g) : ''"/>
                </div>
                <label class="flex min-h-[44px] items-center gap-3"><input class="h-6 w-6 accent-cobalt" type="checkbox" name="is_default" value="1" @checked(old('is_default', $package->is_default))> It is my usual one</label>
                <div class="flex flex-wrap gap-3"><button class="button button-main">Keep the label</button>@if ($package->exists)<a class="button" href="/pantry">Close</a>@endif</div>
            </form>
        </section>
    </div>
    <datalist id="foods">@foreach ($workshop->larder->names() as $name)<option value="{{ $name }}"></option>@endforeach</datalist>
</x-page>
