<x-page title="What this kitchen has taught" here="notebook" :wide="false">
    <p><a href="/notebook">Notebook</a></p>
    <h1 class="mt-1 text-3xl text-cobalt lg:text-4xl">What this kitchen has taught</h1>
    <p class="text-soft">Learnt from your bakes, a little from each, and used at once: by the reading, the account, the forecast, the Day and the Counter.</p>
    <ul class="mt-4">
        @forelse ($lessons as $lesson)
            <li class="flex flex-wrap items-center justify-between gap-x-6 border-t border-line py-2"><p class="text-lg">{{ $lesson->sentence }} <span class="block text-[15px] text-soft">from {{ $lesson->count }} {{ $lesson->count === 1 ? 'time' : 'times' }}; usual is {{ $lesson->usually() }}</span></p><form method="post"
                action="/notebook/taught/forget">@csrf<button class="link-button" name="what"
                value="{{ $lesson->key }}">Forget it</button></form></li>
        @empty
            <li class="border-t border-line py-3 text-lg">Nothing yet. Write down minutes, mass and sweetness of a bake, or weigh a cup.</li>
        @endforelse
    </ul>
    <h2 class="mt-8 text-2xl">Weigh a cup</h2>
    <p>Fill a cup as you always do and put it on the scale. From then on your cup counts, with a narrower range.</p>
    <form method="post" action="/notebook/taught/cup" class="mt-2 flex flex-wrap items-end gap-3">@csrf
        <div class="min-w-56"><x-entry name="food" label="A cup of" list="foods" value="Almond flour"/></div><div class="w-32"><x-entry name="grams"
            label="weighs, g" inputmode="decimal" value=""/></div><button class="button">Use this</button>
    </form>
    <datalist id="foods">{{ App\View\Options::found($foods) }}</datalist>
</x-page>
