<x-page title="Shelf" here="shelf">
    <div class="flex flex-wrap items-end justify-between gap-3">
        <h1 class="text-4xl text-cobalt">Shelf</h1>
        <a class="button button-main" href="/">Bring a dessert</a>
    </div>
    <form method="get" action="/shelf" role="search" class="mt-4 flex flex-wrap items-end gap-3" hx-get="/shelf"
        hx-trigger="input changed delay:250ms from:#q, change, submit" hx-target="#shelf-rows" hx-select="#shelf-rows" hx-swap="outerHTML">
        <div class="min-w-56 flex-1"><label class="label" for="q">Find by name or by what is in it</label><input class="field" type="search" id="q"
            name="q" value="{{ $search->words }}" autocomplete="off"></div>
        <div><label class="label" for="kind">Kind</label><select class="field" id="kind"
            name="kind"><option value="">any</option>@foreach ($search->kinds() as $kind)<option @selected($kind === $search->kind)>{{ $kind }}</option>@endforeach</select></div>
        <div><label class="label" for="mark">Bakes</label><select class="field" id="mark"
            name="mark">@foreach (App\Support\ShelfSearch::MARKS as $key => $name)<option value="{{ $key }}"
            @selected($key === $search->mark)>{{ $name }}</option>@endforeach</select></div>
        @if ($search->hasLimit())<label class="flex min-h-[48px] items-center gap-2"><input class="h-6 w-6 accent-cobalt" type="checkbox"
            name="within" value="1" @checked($search->isWithin)> within my limit</label>@endif
        <noscript><button class="button">Find</button></noscript>
    </form>
    <form id="chosen" method="get" action="/day/new" class="mt-3 flex min-h-[44px] flex-wrap items-center gap-x-4 text-[15px]" data-ticks="shelf"><span
        data-ticked>Tick desserts to</span><button class="link-button">plan them for a day</button><button formaction="/shelf/cards"
        class="link-button">print their cards</button><button formaction="/shelf/chosen.txt" class="link-button">take them as text</button><button
        type="button" class="link-button" data-untick hidden>none of them</button></form>
    <div id="shelf-rows">
    @if ($rows === [])
        <p class="mt-6 text-lg"
            role="status">@if ($search->isAny())Nothing on the Shelf is like that. <a href="/shelf">Show all of it</a>.@else The Shelf is empty. <a href="/">Bring a dessert</a>: paste a recipe and it stands here with its number.@endif</p>
    @else
        <p class="mt-3 flex flex-wrap items-center gap-x-4 text-[15px] text-soft"><span role="status">{{ $search->many() }}</span></p>
    @endif
    <ul class="mt-1">
        @foreach ($rows as ['recipe' => $recipe, 'figures' => $figures])
            <li class="grid items-center gap-x-6 gap-y-1 border-t border-line py-3 md:grid-cols-[minmax(0,1fr)_24rem_auto]">
                <div class="flex min-w-0 items-start gap-3"><input class="mt-1.5 h-6 w-6 shrink-0 accent-cobalt" type="checkbox" form="chosen"
                    name="desserts[]" value="{{ $recipe->ulid }}" aria-label="Choose {{ $recipe->title }}"><div class="min-w-0">
                    <h2 class="text-2xl"><a class="no-underline hover:underline" href="/bench/{{ $recipe->ulid }}">{{ $recipe->title }}</a></h2>
                    <p class="text-[15px] text-soft">version {{ $recipe->latest->number }}@if ($recipe->bakes_count > 0) · baked {{ $recipe->bakes_count === 1 ? 'once' : $recipe->bakes_count.' times' }}@if ($recipe->bakes_max_mark), best {{ $recipe->bakes_max_mark }} of 5 @endif @else · not baked yet @endif @if ($figures) · {{ $figures['pieces'] }} {{ $figures['plural'] }} @endif</p>
                </div></div>
                @if ($figures)
                    <div><p class="both">@if ($figures['isLeast'])<span class="assumed">at least</span>@endif <span><span class="figure">{{ $figures['after'] }}</span> g net</span> <span><span class="figure">{{ $figures['total'] }}</span> g total carbs</span> <span>a {{ $figures['word'] }}</span></p>
                    <p class="text-sm text-soft">{{ $figures['counted'] }}, likely {{ $figures['range'] }} · as written <span class="figure">{{ $figures['before'] }}</span> net</p></div>
                @else
                    <p class="doubt">Its text can no longer be read: open it.</p>
                @endif
                <div class="flex items-center gap-x-3 md:justify-end">
                    <details class="relative" @if ($errors->{'title-'.$recipe->ulid}->any()) open @endif>
                        <summary class="link-button list-none">Rename</summary>
                        <form method="post" action="/shelf/{{ $recipe->ulid }}/title"
                            class="tray absolute right-0 z-10 grid w-[min(22rem,80vw)] gap-2 p-3 max-md:left-0">
                            @csrf
                            <label class="label" for="title-{{ $recipe->ulid }}">Name</label>
                            <input class="field" id="title-{{ $recipe->ulid }}" name="title"
                                value="{{ $errors->{'title-'.$recipe->ulid}->any() ? old('title') : $recipe->title }}">
                            @if ($errors->{'title-'.$recipe->ulid}->any())<p class="fault"
                                role="alert">{{ $errors->{'title-'.$recipe->ulid}->first() }}</p>@endif
                            <button class="button">Keep the name</button>
                        </form>
                    </details>
                    <form method="post" action="/shelf/{{ $recipe->ulid }}/duplicate">@csrf<button class="link-button"
                        aria-label="Duplicate {{ $recipe->title }}">Duplicate</button></form>
                    <form method="post" action="/shelf/{{ $recipe->ulid }}/remove">@csrf<button class="link-button"
                        aria-label="Remove {{ $recipe->title }}">Remove</button></form>
                </div>
            </li>
        @endforeach
    </ul>
    @if ($recipes->hasPages())
        <p class="mt-4 flex gap-6">@if ($recipes->previousPageUrl())<a href="{{ $recipes->previousPageUrl() }}">Newer</a>@endif @if ($recipes->nextPageUrl())<a href="{{ $recipes->nextPageUrl() }}">Older</a>@endif</p>
    @endif
    </div>
    <x-care class="mt-8"/>
</x-page>
