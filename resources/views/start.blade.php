<x-page title="Bring a dessert" :wide="false">
    <h1 class="text-4xl text-cobalt">Bring a dessert</h1>
    <p class="mt-2 text-lg">Paste the recipe as you have it. You get it back with low-carb sweetener and flour, in grams, with the net carbs of one piece.</p>
    <form method="post" action="/paste" class="mt-5" enctype="multipart/form-data">
        <x-once/>
        <label for="text" class="label">The recipe: title, how many it makes, ingredients, method</label>
        <textarea id="text" name="text" rows="12" data-keep="paste" class="field font-sans leading-relaxed" spellcheck="false" autofocus
            @if ($fault) aria-invalid="true" aria-describedby="text-fault" @endif
            placeholder="Walnut spice roulade&#10;Serves 10&#10;&#10;4 large eggs&#10;¾ cup sugar&#10;…">{{ $text }}</textarea>
        @if ($fault)
            <p id="text-fault" class="fault" role="alert">{{ $fault }}</p>
        @endif
        @error('text')<p class="fault" role="alert">{{ $message }}</p>@enderror
        <div class="mt-3">
            <label class="label" for="file">Or a file: text, a saved web page, a schema.org recipe as JSON, a table as CSV</label>
            <input class="field file:mr-3 file:font-semibold file:text-cobalt" type="file" id="file" name="file" accept=".txt,.md,.html,.htm,.json,.jsonld,.csv,.tsv,text/*,application/json,application/ld+json">
        </div>
        <div class="mt-4 flex flex-wrap items-center gap-3">
            <button class="button button-main text-lg">Convert it</button>
            @guest
                <p class="text-soft">No account needed. It is kept once you sign in.</p>
            @endguest
        </div>
    </form>
    <div class="mt-7 flex flex-wrap items-center gap-x-6 border-t border-line pt-4">
        @if ($draft)
            <a href="/bench/draft">Back to “{{ $draft->title }}” on the Bench</a>
        @endif
        @guest
            @if (config('app.demo'))
                <form method="post" action="/demo">@csrf<button class="button">Look around in the demo kitchen</button></form>
            @endif
            <a href="/sign-up">Open a kitchen of your own</a>
        @endguest
    </div>
</x-page>
