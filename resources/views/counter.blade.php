@php use App\View\Figures; $recipe = $page->dessert->recipe; $conversion = $page->conversion; @endphp
<x-page :title="'Bake '.$page->title()" here="counter">
    <div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
        <h1 class="text-3xl text-cobalt lg:text-4xl">{{ $page->title() }}</h1>
        <p class="text-soft">{{ $page->pieces() }} {{ $conversion->recipe->pieceWord((float) $page->pieces()) }}, <span class="figure font-semibold text-ink">{{ $page->net($conversion->after) }}</span> g net carbs each, likely {{ $page->range($conversion->after) }}, total carbohydrate {{ $page->total($conversion->after) }} g · <a href="{{ $page->path('bench') }}">back to the Bench</a></p>
    </div>
    @if ($recipe)
        <form method="post" action="/counter/{{ $recipe->ulid }}/runs"
            class="mt-3"><x-once/><button class="button button-main min-h-[64px] px-8 text-xl">{{ $isOpen ? 'Go on with this bake' : 'Start baking' }}</button> <span class="ml-3 text-soft max-sm:mt-1 max-sm:ml-0 max-sm:block">One step at a time, in large words, with timers and a scale.</span></form>
    @endif
    <div class="mt-4 grid gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
        <section class="tray p-4" aria-label="Weigh">
            <h2 class="text-2xl">Weigh</h2>
            <ul class="mt-1 text-lg">
                @php $component = null; @endphp
                @foreach ($page->groups() as $group)
                    @if ($component !== $group['component'] && count($conversion->recipe->components) > 1)
                        <li class="pt-3 font-serif text-cobalt">{{ $conversion->recipe->components[$group['component']] ?: 'The dessert' }}</li>
                    @endif
                    @php $component = $group['component']; @endphp
                    @foreach ($group['right'] as $right)
                        <li class="border-b border-[#e3e9ef]"><label class="flex min-h-[48px] items-center gap-3 py-1">
                            <input type="checkbox" class="h-6 w-6 shrink-0 accent-cobalt">
                            <span class="figure w-[6.5rem] shrink-0 text-right text-xl font-semibold">{{ $right['grams'] }}</span>
                            <span>{{ $right['name'] }} @if ($right['measure'] !== '')<span class="text-base whitespace-nowrap text-soft">{{ $right['measure'] }}</span>@elseif (! $group['changed'])<span class="text-base text-soft">{{ $group['left'][0]['text'] }}</span>@endif</span>
                        </label></li>
                    @endforeach
                @endforeach
            </ul>
            @php $shared = new App\View\PiecesSheet($page); @endphp
            @foreach ($shared->sentences() as $sentence)<p class="{{ $loop->first ? 'mt-3 text-lg font-semibold' : 'text-[15px]' }}">{{ $sentence }}</p>@endforeach
            @foreach ($shared->placed() as $sentence)<p class="text-[15px]">{{ $sentence }}</p>@endforeach
            <p class="text-[15px]"><a class="inline-block py-1" href="{{ $page->path('bench/pieces') }}">Portion it otherwise</a></p>
        </section>
        <section aria-label="Bake">
            <h2 class="text-2xl">Bake</h2>
            @if ($conversion->recipe->pan)
                <p class="mt-1 text-[15px] text-soft">Pan: {{ Figures::grams($conversion->recipe->pan->length) }}{{ $conversion->recipe->pan->isRound ? ' cm round' : ' by '.Figures::grams($conversion->recipe->pan->width).' cm' }}, {{ Figures::whole($conversion->recipe->pan->area()) }} cm².</p>
            @endif
            @if ($conversion->swap->oven->sentence() !== '')
                <p class="mt-1 text-[15px] text-soft">{{ $conversion->swap->oven->sentence() }}</p>
            @endif
            <ol class="mt-2 grid gap-3 text-lg">
                @foreach ($conversion->steps() as $step)
                    <li class="{{ $step->isAdded() ? 'border-l-4 border-here bg-[#fdf6da] px-3 py-2' : 'border-l-4 border-line pl-3' }}">{{ App\View\StepHtml::of($step) }}@if ($step->uses !== [])<p class="mt-1 text-base text-soft">{{ App\View\StepHtml::uses($step) }}</p>@endif</li>
                @endforeach
            </ol>
            <dl class="mt-5 grid gap-x-5 gap-y-1 sm:grid-cols-[7rem_minmax(0,1fr)]">
                @foreach ($conversion->swap->families as $n => $family)
                    @if (count($conversion->swap->families) > 1)<dt class="font-serif text-cobalt sm:col-span-2">{{ $conversion->recipe->components[$n] ?: 'The dessert' }}, {{ mb_strtolower($family->name) }}</dt>@endif
                    <dt class="font-semibold">Done when</dt><dd>{{ $family->doneness }}</dd>
                    <dt class="font-semibold">Cools</dt><dd>{{ $family->cooling }}</dd>
                    <dt class="font-semibold">Keeps</dt><dd>{{ $conversion->safety->keep->text }}</dd>
                @endforeach
            </dl>
            @foreach ($conversion->warnings as $warning)
                @if ($loop->first)<h3 class="mt-6 text-lg">Take care</h3>@endif
                <p class="mt-1 text-[15px]">{{ $warning->sentence }}</p>
            @endforeach
            <x-care class="mt-3"/>
        </section>
    </div>

    <section id="notes" class="mt-8 border-t border-line pt-4" aria-label="How it came out">
        <h2 class="text-2xl">How it came out</h2>
        @if ($recipe)
            <form method="post" action="/counter/{{ $recipe->ulid }}/bakes" class="mt-3 grid max-w-[760px] gap-3">
                <x-once/>
                <div>
                    <label class="label" for="words">A few words</label>
                    <textarea class="field" id="words" name="words" rows="3" data-keep="words-{{ $recipe->ulid }}" @error('words') aria-invalid="true" @enderror>{{ old('words') }}</textarea>
                    @error('words')<p class="fault" role="alert">{{ $message }}</p>@enderror
                </div>
                <div class="flex flex-wrap items-end gap-x-6 gap-y-3">
                    <fieldset>
                        <legend class="label">Mark</legend>
                        <div class="flex gap-2">
                            @foreach ([1, 2, 3, 4, 5] as $mark)
                                <label class="button has-checked:bg-cobalt has-checked:text-white"><input class="sr-only" type="radio" name="mark"
                                    value="{{ $mark }}" @checked((int) old('mark') === $mark)>{{ $mark }}</label>
                            @endforeach
                        </div>
                        @error('mark')<p class="fault" role="alert">{{ $message }}</p>@enderror
                    </fieldset>
                    <div>
                        <label class="label" for="baked_on">Baked on</label>
                        <input class="field" type="date" id="baked_on" name="baked_on" value="{{ old('baked_on', now()->toDateString()) }}"
                            @error('baked_on') aria-invalid="true" @enderror>
                    </div>
                    <button class="button button-main">Write it down</button>
                </div>
                @error('baked_on')<p class="fault" role="alert">{{ $message }}</p>@enderror
            </form>
            <ul class="mt-5 max-w-[760px]">
                @foreach ($bakes as $bake)
                    <li class="flex items-start justify-between gap-4 border-t border-line py-3">
                        <div>
                            <p class="text-[15px] text-soft">{{ $bake->baked_on->format('j F Y') }} · version {{ $bake->version->number }}@if ($bake->mark) · <strong class="text-ink">{{ $bake->mark }} of 5</strong>@endif</p>
                            <p class="whitespace-pre-line">{{ $bake->words }}</p>
                        </div>
                        <form method="post" action="/bakes/{{ $bake->id }}/remove">@csrf<button class="link-button">Remove</button></form>
                    </li>
                @endforeach
            </ul>
        @else
            <p class="mt-2">To write down how it came out, <a href="/sign-up">open a kitchen</a> or <a href="/sign-in">sign in</a>: this dessert comes with you.</p>
        @endif
    </section>
</x-page>
