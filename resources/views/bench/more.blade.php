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
