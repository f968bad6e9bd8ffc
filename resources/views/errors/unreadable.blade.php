<x-message-page title="The text of this dessert cannot be read">
    <h1 class="text-4xl text-cobalt">“{{ $recipe->title }}”: its text cannot be read</h1>
    <p class="mt-3 text-lg">{{ $why }} Nothing was changed: mend the text here, and it is read again.</p>
    <form method="post" action="/bench/{{ $recipe->ulid }}/text" class="mt-4">
        @csrf
        <label class="label" for="text">The recipe as it stands</label>
        <textarea class="field leading-relaxed" id="text" name="text" rows="14" spellcheck="false">{{ is_string($recipe->latest->document['text'] ?? null) ? $recipe->latest->document['text'] : '' }}</textarea>
        <div class="mt-3 flex flex-wrap gap-3"><button class="button button-main">Read it again</button><a class="button" href="/shelf">To the Shelf</a></div>
    </form>
</x-message-page>
