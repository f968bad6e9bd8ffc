<x-page title="Shelf" here="shelf">
    <div class="flex flex-wrap items-end justify-between gap-3">
        <h1 class="text-4xl text-cobalt">Shelf</h1>
        <a class="button button-main" href="/">Bring a dessert</a>
    </div>
    @if ($rows === [])
        <p class="mt-6 text-lg">The Shelf is empty. <a href="/">Bring a dessert</a>: paste a recipe and it stands here with its number.</p>
    @endif
    <ul class="mt-4">
        @foreach ($rows as ['recipe' => $recipe, 'figures' => $figures])
            <li class="grid items-center gap-x-6 gap-y-1 border-t border-line py-3 md:grid-cols-[minmax(0,1fr)_19rem_auto]">
                <div class="min-w-0">
                    <h2 class="text-2xl"><a class="no-underline hover:underline" href="/bench/{{ $recipe->ulid }}">{{ $recipe->title }}</a></h2>
                    <p class="text-[15px] text-soft">version {{ $recipe->latest->number }}@if ($recipe->bakes_count > 0) · baked {{ $recipe->bakes_count === 1 ? 'once' : $recipe->bakes_count.' times' }}@if ($recipe->bakes_max_mark), best {{ $recipe->bakes_max_mark }} of 5 @endif @else · not baked yet @endif @if ($figures) · {{ $figures['pieces'] }} {{ $figures['plural'] }} @endif</p>
                </div>
                @if ($figures)
                    <p class="flex items-center gap-3"><span class="figure w-14 text-right text-xl text-soft line-through">{{ $figures['before'] }}</span><span class="figure font-serif text-4xl font-semibold">{{ $figures['after'] }}</span><span class="text-sm leading-tight text-soft">g net a {{ $figures['word'] }}<br>{{ $figures['range'] }}, {{ $figures['convention'] }}</span></p>
                @else
                    <p class="doubt">Its text can no longer be read: open it.</p>
                @endif
                <div class="flex items-center gap-x-3 md:justify-end">
                    <details class="relative" @if ($errors->{'title-'.$recipe->ulid}->any()) open @endif>
                        <summary class="link-button list-none">Rename</summary>
                        <form method="post" action="/shelf/{{ $recipe->ulid }}/title" class="tray absolute right-0 z-10 grid w-[min(22rem,80vw)] gap-2 p-3 max-md:left-0">
                            @csrf
                            <label class="label" for="title-{{ $recipe->ulid }}">Name</label>
                            <input class="field" id="title-{{ $recipe->ulid }}" name="title" value="{{ $errors->{'title-'.$recipe->ulid}->any() ? old('title') : $recipe->title }}">
                            @if ($errors->{'title-'.$recipe->ulid}->any())<p class="fault" role="alert">{{ $errors->{'title-'.$recipe->ulid}->first() }}</p>@endif
                            <button class="button">Keep the name</button>
                        </form>
                    </details>
                    <form method="post" action="/shelf/{{ $recipe->ulid }}/duplicate">@csrf<button class="link-button" aria-label="Duplicate {{ $recipe->title }}">Duplicate</button></form>
                    <form method="post" action="/shelf/{{ $recipe->ulid }}/remove">@csrf<button class="link-button" aria-label="Remove {{ $recipe->title }}">Remove</button></form>
                </div>
            </li>
        @endforeach
    </ul>
    @if ($recipes->hasPages())
        <p class="mt-4 flex gap-6">@if ($recipes->previousPageUrl())<a href="{{ $recipes->previousPageUrl() }}">Newer</a>@endif @if ($recipes->nextPageUrl())<a href="{{ $recipes->nextPageUrl() }}">Older</a>@endif</p>
    @endif
    <x-care class="mt-8"/>
</x-page>
