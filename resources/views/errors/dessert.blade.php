<x-message-page title="This dessert cannot be computed">
    <h1 class="text-4xl text-cobalt">“{{ $recipe->title }}” cannot be computed</h1>
    <p class="mt-3 text-lg">Something in it is not as it should be, and that is our fault. Everything that you typed is still there, and your other desserts are not touched.</p>
    <div class="mt-4 flex flex-wrap gap-3">
        <form method="post" action="/bench/{{ $recipe->ulid }}/undo">@csrf<button class="button">Take the last change back</button></form>
        <a class="button button-main" href="/bench/{{ $recipe->ulid }}">Try again</a>
        <a class="button" href="/shelf">To the Shelf</a>
    </div>
    <h2 class="mt-8 text-2xl">Its text, to take along</h2>
    <pre class="tray mt-2 p-4 whitespace-pre-wrap">{{ is_string($recipe->latest->document['text'] ?? null) ? $recipe->latest->document['text'] : '' }}</pre>
</x-message-page>
