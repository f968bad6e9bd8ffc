@php use App\View\Figures; use Aglyca\Core\Trial\Judged; $kept = $bake->judgement ?? []; @endphp
<x-page :title="'How it came out, '.$bake->recipe->title" here="notebook" :wide="false">
    <p><a href="/notebook/{{ $bake->recipe->ulid }}?bake={{ $bake->id }}">{{ $bake->recipe->title }}, version {{ $bake->version->number }}</a></p>
    <h1 class="mt-1 text-3xl text-cobalt lg:text-4xl">How did it come out?</h1>
    <p class="text-soft">Only what you care to say.</p>
    <form method="post" action="/notebook/bakes/{{ $bake->id }}" class="mt-4 grid gap-5">
        @csrf
        <div class="flex flex-wrap items-end gap-6">
            <fieldset><legend class="label">Mark</legend><div class="flex gap-2">@foreach ([1, 2, 3, 4, 5] as $mark)<label class="button has-checked:bg-cobalt has-checked:text-white"><input class="sr-only"
                type="radio" name="mark" value="{{ $mark }}"
                @checked((int) old('mark', $bake->mark) === $mark)>{{ $mark }}</label>@endforeach</div></fieldset>
            <x-entry name="baked_on" label="Baked on" type="date" :value="$bake->baked_on->toDateString()"/>
        </div>
        <table class="w-full"><caption class="label text-left">Against what you had hoped for</caption>
            @foreach (Judged::THINGS as $thing => $name)
                <tr class="border-t border-line"><th scope="row" class="py-1 text-left font-normal">{{ $name }}</th>
                    @foreach (['little' => 'too little', 'right' => 'right', 'much' => 'too much'] as $value => $words)<td class="w-28 py-1 text-center"><label class="button w-full justify-center !px-2 has-checked:bg-cobalt has-checked:text-white"><input class="sr-only"
                        type="radio" name="judged[{{ $thing }}]" value="{{ $value }}" @checked(old("judged.$thing", $kept[$thing] ?? '') === $value)
                        aria-label="{{ $name }}: {{ $words }}">{{ $words }}</label></td>@endforeach
                </tr>
            @endforeach
        </table>
        @foreach ($errors->get('judged.*') as $faults)@foreach ($faults as $fault)<p class="fault"
            role="alert">{{ $fault }}</p>@endforeach @endforeach
        <div><label class="label" for="words">A few words</label><textarea class="field" id="words" name="words" rows="3" data-keep="bake-words-{{ $bake->id }}">{{ old('words', $bake->words) }}</textarea>@error('words')<p class="fault" role="alert">{{ $message }}</p>@enderror</div>
        <div class="grid grid-cols-2 gap-3 sm:grid-cols-5">
            <x-entry name="minutes" label="Minutes baked" inputmode="decimal"
                :value="$bake->minutes === null ? '' : Figures::typed((float) $bake->minutes)"/>
            <x-entry name="heat_c" label="Heat, °C" inputmode="decimal" :value="$bake->heat_c === null ? '' : Figures::typed((float) $bake->heat_c)"/>
            <x-entry name="mass_g" label="Weighs, g" inputmode="decimal"
                :value="$bake->mass_g === null ? '' : Figures::typed((float) $bake->mass_g)"/>
            <x-entry name="height_cm" label="High, cm" inputmode="decimal"
                :value="$bake->height_cm === null ? '' : Figures::typed((float) $bake->height_cm)"/>
            <x-entry name="pieces" label="Pieces" inputmode="decimal" :value="$bake->pieces === null ? '' : Figures::count((float) $bake->pieces)"/>
        </div>
        <button class="button button-main justify-self-start">Write it down</button>
    </form>
    <section id="photos" class="mt-8 border-t border-line pt-4" aria-label="Pictures">
        <h2 class="text-2xl">Pictures</h2>
        <div class="mt-2 flex flex-wrap gap-4">@foreach ($bake->photos as $photo)<figure><img class="h-36 rounded-md"
            src="/notebook/photos/{{ $photo->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
            alt="A picture of this bake"><form method="post"
            action="/notebook/photos/{{ $photo->id }}/remove">@csrf<button class="link-button">Remove</button></form></figure>@endforeach</div>
        <form method="post" action="/notebook/bakes/{{ $bake->id }}/photos" enctype="multipart/form-data"
            class="mt-2 flex flex-wrap items-end gap-3"><x-once/><div><label class="label"
            for="photo">From the phone or a file</label><input class="field" type="file" id="photo" name="photo"
            accept="image/jpeg,image/png,image/webp"></div><button class="button">Keep the picture</button></form>
        @error('photo')<p class="fault" role="alert">{{ $message }}</p>@enderror
    </section>
    <section id="boxes" class="mt-8 border-t border-line pt-4" aria-label="What is left">
        <h2 class="text-2xl">What is left</h2>
        @foreach ($bake->boxes as $box)<p class="flex flex-wrap items-center gap-4">{{ $box->pieces_left }} in {{ App\Models\Box::PLACES[$box->place] }}@if ($box->good_until), good until {{ $box->good_until->format('j F Y') }}@endif @if ($box->pieces_left > 0)<span><form method="post"
            action="/notebook/boxes/{{ $box->id }}/eat">@csrf<button class="link-button">Ate one</button></form></span>@endif <a href="/bench/{{ $bake->recipe->ulid }}/tin">label for the box</a></p>@endforeach
        <form method="post" action="/notebook/bakes/{{ $bake->id }}/boxes" class="mt-2 flex flex-wrap items-end gap-3"><x-once/>
            <div class="w-28"><x-entry name="pieces_left" label="Pieces" inputmode="numeric" value=""/></div>
            <div><label class="label" for="place">In</label><select class="field" id="place"
                name="place">@foreach (App\Models\Box::PLACES as $key => $place)<option value="{{ $key }}">{{ $place }}</option>@endforeach</select></div>
            <div><x-entry name="good_until" label="Good until" type="date" value=""/></div>
            <button class="button">Put away</button>
        </form>
    </section>
</x-page>
