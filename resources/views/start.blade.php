<x-page title="Bring a dessert" :wide="false">
    <h1 class="text-4xl text-cobalt">Bring a dessert</h1>
    <p class="mt-2 text-lg">Paste the recipe as you have it. You get it back with low-carb sweetener and flour, in grams, with the net carbs of one piece.</p>
    @if ($shown && $text === '' && ! $draft)
        <section class="tray mt-5 p-4" aria-label="What comes back">
            <div class="flex flex-wrap items-end justify-between gap-x-6"><h2 class="text-2xl">{{ $shown->title() }}</h2>
                <div><p class="both"><span><span class="figure">{{ $shown->after() }}</span> g net</span> <span><span class="figure">{{ $shown->total() }}</span> g total carbs</span> <span>a {{ $shown->piece() }}</span></p>
                    <p class="text-[15px] text-soft">as written <span class="figure">{{ $shown->before() }}</span> net</p></div></div>
            <div class="mt-2 grid gap-x-8 sm:grid-cols-2">
                @foreach (['As written' => $shown->written(), 'Swapped' => $shown->swapped()] as $side => $rows)
                    <table class="w-full text-[15px] {{ $loop->first ? 'max-sm:hidden' : '' }}"><caption class="text-left text-soft">{{ $side }}</caption><tbody>@foreach ($rows as $row)<tr class="border-t border-line"><td class="figure w-16 py-1 pr-3 text-right font-semibold">{{ $row['grams'] }} g</td><td class="py-1">{{ $row['name'] }}</td></tr>@endforeach</tbody></table>
                @endforeach
            </div>
            <form method="post" action="/paste" class="mt-3"><x-once/><input type="hidden" name="text"
                value="{{ $shown->text }}"><button class="button">Try this one</button> <span class="ml-2 text-soft">or paste your own below</span></form>
        </section>
    @endif
    <form method="post" action="/paste" id="paste" class="mt-5" enctype="multipart/form-data">
        <x-once/>
        <label for="text" class="label">The recipe: title, how many it makes, ingredients, method</label>
        <textarea id="text" name="text" rows="{{ $shown ? 8 : 12 }}" data-keep="paste" class="field font-sans leading-relaxed" spellcheck="false" @if (! $shown) autofocus @endif
            @if ($fault) aria-invalid="true" aria-describedby="text-fault" @endif
            placeholder="Walnut spice roulade&#10;Serves 10&#10;&#10;4 large eggs&#10;¾ cup sugar&#10;…">{{ $text }}</textarea>
        @if ($fault)
            <p id="text-fault" class="fault" role="alert">{{ $fault }}</p>
        @endif
        @error('text')<p class="fault" role="alert">{{ $message }}</p>@enderror
        <div class="mt-3">
            <label class="label" for="file">Or a file: text, a saved web page, a schema.org recipe as JSON, a table as CSV</label>
            <input class="field file:mr-3 file:font-semibold file:text-cobalt" type="file" id="file" name="file"
                accept=".txt,.md,.html,.htm,.json,.jsonld,.csv,.tsv,text/*,application/json,application/ld+json">
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
            @if (config('aglyca.demo'))
                <form method="post" action="/demo">@csrf<button class="button">Look around in the demo kitchen</button></form>
            @endif
            <a href="/sign-up">Open a kitchen of your own</a>
        @endguest
    </div>
</x-page>
