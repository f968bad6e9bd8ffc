<x-page title="Notebook" here="notebook">
    <div class="flex flex-wrap items-end justify-between gap-3">
        <h1 class="text-4xl text-cobalt">Notebook</h1>
        <p class="flex flex-wrap gap-5"><a href="/notebook/taught">What this kitchen has taught</a><a href="/notebook/response">Glucose curves</a><a href="/notebook/export.zip">Take it all with you (ZIP)</a></p>
    </div>
    <form method="get" action="/notebook" class="mt-4 flex flex-wrap items-end gap-3 no-print">
        <div class="min-w-56 flex-1"><label class="label" for="find">Find</label><input class="field" id="find" name="find"
            value="{{ $said['find'] ?? '' }}" placeholder="a word, a food, a dessert"></div>
        <div><label class="label" for="mark">Mark at least</label><select class="field" id="mark"
            name="mark"><option value="">any</option>@foreach ([5, 4, 3, 2] as $mark)<option @selected((int) ($said['mark'] ?? 0) === $mark)>{{ $mark }}</option>@endforeach</select></div>
        <div><label class="label" for="from">From</label><input class="field" type="date" id="from" name="from"
            value="{{ $said['from'] ?? '' }}"></div>
        <div><label class="label" for="to">To</label><input class="field" type="date" id="to" name="to" value="{{ $said['to'] ?? '' }}"></div>
        <button class="button">Search</button>
    </form>
    @if ($boxes->isNotEmpty())
        <section class="mt-6" aria-label="What is left">
            <h2 class="text-2xl">What is left</h2>
            <ul class="mt-1 grid gap-x-8 md:grid-cols-2">
                @foreach ($boxes as $box)
                    <li class="flex items-center justify-between gap-4 border-t border-line"><span>{{ $box->bake->recipe->title }}, <strong>{{ $box->pieces_left }}</strong> in {{ App\Models\Box::PLACES[$box->place] }}@if ($box->good_until), good until {{ $box->good_until->format('j F') }}@if ($box->good_until->isPast()) <span class="doubt">past</span>@endif @endif</span><form method="post"
                        action="/notebook/boxes/{{ $box->id }}/eat">@csrf<button class="link-button"
                        aria-label="Ate one of {{ $box->bake->recipe->title }}">Ate one</button></form></li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($bakes->isEmpty())
        <p class="mt-6 text-lg">{{ array_filter($said) === [] ? 'No bake is written down yet. Bake a dessert on the Counter: what you weigh and time comes here by itself.' : 'No bake fits that.' }}</p>
    @endif
    <ul class="mt-6">
        @foreach ($bakes as $bake)
            <li class="grid items-baseline gap-x-6 gap-y-1 border-t border-line py-3 md:grid-cols-[9rem_minmax(0,1fr)_6rem]">
                <p class="figure text-soft">{{ $bake->baked_on->format('j M Y') }}</p>
                <div><h2 class="text-xl"><a class="no-underline hover:underline"
                    href="/notebook/{{ $bake->recipe->ulid }}?bake={{ $bake->id }}">{{ $bake->recipe->title }}</a> <span class="font-sans text-base font-normal text-soft">version {{ $bake->version->number }}@if ($bake->photos_count > 0) · {{ $bake->photos_count }} {{ $bake->photos_count === 1 ? 'picture' : 'pictures' }}@endif</span></h2>@if ($bake->words !== '')<p>{{ Str::limit($bake->words, 180) }}</p>@endif</div>
                <p class="text-lg font-semibold md:text-right">@if ($bake->mark){{ $bake->mark }} of 5 @else<a href="/notebook/bakes/{{ $bake->id }}"
                    class="text-base font-normal">judge it</a>@endif</p>
            </li>
        @endforeach
    </ul>
    @if ($bakes->hasPages())<p class="mt-4 flex gap-6">@if ($bakes->previousPageUrl())<a href="{{ $bakes->previousPageUrl() }}">Newer</a>@endif @if ($bakes->nextPageUrl())<a href="{{ $bakes->nextPageUrl() }}">Older</a>@endif</p>@endif
</x-page>
