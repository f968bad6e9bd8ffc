<p class="mt-2 border-t border-line pt-2"><a class="inline-block py-1" href="{{ $page->path('bench/table') }}">The swap as a table</a></p>
<details @if ($page->faults->has('added')) open @endif>
    <summary class="py-2 text-cobalt underline underline-offset-3">Put something more in</summary>
    <x-live-form to="{{ $page->path('bench/amounts') }}" into="#bench" swap="outerHTML" class="flex flex-wrap items-end gap-3 pb-2">
        <input type="hidden" name="slot" value="added">
        <div class="min-w-48 flex-1"><label class="label" for="added-food">Food</label><input class="field" id="added-food" name="food" list="foods"
            autocomplete="off" value="{{ $page->typed('food', '') }}" @if ($page->faults->has('added')) aria-invalid="true"
            aria-describedby="added-fault" @endif></div>
        <div class="w-28"><label class="label" for="added-grams">Grams</label><input class="field figure" id="added-grams" name="grams"
            inputmode="decimal" value="{{ $page->typed('grams', '') }}"></div>
        @if (count($page->conversion->recipe->components) > 1)
            <div><label class="label" for="added-component">Into</label><select class="field" id="added-component"
                name="component">@foreach ($page->conversion->recipe->components as $n => $name)<option value="{{ $n }}">{{ $name ?: 'the dessert' }}</option>@endforeach</select></div>
        @else<input type="hidden" name="component" value="0">@endif
        <button class="button">Put it in</button>
        @if ($page->faults->has('added'))<p id="added-fault" class="fault w-full" role="alert">{{ $page->faults->first('added') }}</p>@endif
    </x-live-form>
</details>
<x-fold part="method" :page="$page" :open="$page->faults->has('minutes')">
    <x-slot:summary><summary class="py-2 text-cobalt underline underline-offset-3">The method for what is in the bowl</summary></x-slot>
</x-fold>
{{-- Rows that are on the page already are left there; where they are not, they are fetched. --}}
@if ($page->isReadingKept)
<div id="{{ $page->readingKey() }}" hx-preserve="true" hx-get="{{ $page->path('bench/reading') }}" hx-trigger="load" hx-target="this" hx-swap="outerHTML"></div>
@else
@include('bench.reading')
@endif
<details @if ($page->faults->has('text')) open @endif>
    <summary class="py-2 text-cobalt underline underline-offset-3">The recipe as you typed it</summary>
    <x-live-form to="{{ $page->path('bench/text') }}" into="#bench" swap="outerHTML">
        <label class="label" for="text">Change it here; corrections stay with their lines</label>
        <textarea class="field leading-relaxed" id="text" name="text" rows="14" data-keep="text" spellcheck="false" @if ($page->faults->has('text')) aria-invalid="true" aria-describedby="text-fault" @endif>{{ $page->typed('text', $page->conversion->brief->text) }}</textarea>
        @if ($page->faults->has('text'))<p id="text-fault" class="fault" role="alert">{{ $page->faults->first('text') }}</p>@endif
        <button class="button my-2">Read it again</button>
    </x-live-form>
</details>
