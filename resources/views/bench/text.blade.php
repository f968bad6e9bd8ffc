<p class="mt-2 border-t border-line pt-2"><a class="inline-block py-1" href="{{ $page->path('bench/table') }}">The swap as a table</a></p>
<details @if ($page->faults->has('text')) open @endif>
    <summary class="py-2 text-cobalt underline underline-offset-3">The recipe as you typed it</summary>
    <form method="post" action="{{ $page->path('bench/text') }}" hx-post="{{ $page->path('bench/text') }}" hx-target="#bench" hx-swap="outerHTML">
        @csrf
        <label class="label" for="text">Change it here; corrections stay with their lines</label>
        <textarea class="field leading-relaxed" id="text" name="text" rows="14" spellcheck="false" @if ($page->faults->has('text')) aria-invalid="true" aria-describedby="text-fault" @endif>{{ $page->typed('text', $page->worked->document->text) }}</textarea>
        @if ($page->faults->has('text'))<p id="text-fault" class="fault" role="alert">{{ $page->faults->first('text') }}</p>@endif
        <button class="button my-2">Read it again</button>
    </form>
</details>
