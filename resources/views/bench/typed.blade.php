<x-live-form to="{{ $page->path('bench/text') }}" into="#bench" swap="outerHTML">
    <label class="label" for="text">Change it here; corrections stay with their lines</label>
    <textarea class="field leading-relaxed" id="text" name="text" rows="14" data-keep="text" spellcheck="false" @if ($page->faults->has('text')) aria-invalid="true" aria-describedby="text-fault" @endif>{{ $page->typed('text', $page->conversion->brief->text) }}</textarea>
    @if ($page->faults->has('text'))<p id="text-fault" class="fault" role="alert">{{ $page->faults->first('text') }}</p>@endif
    <button class="button my-2">Read it again</button>
</x-live-form>
