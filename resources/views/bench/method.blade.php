<ol class="grid gap-3 pb-3">
    @foreach ($page->conversion->steps() as $step)
        <li class="{{ $step->isAdded() ? 'border-l-4 border-here bg-[#fdf6da] px-3 py-2' : 'border-l-4 border-line pl-3' }}">
            {{ App\View\StepHtml::of($step) }}
            @if ($step->uses !== [])<p class="mt-1 text-[15px] text-soft">{{ App\View\StepHtml::uses($step) }}</p>@endif
            @unless ($step->isAdded())
                @php $key = Aglyca\Core\Reading\StepCorrection::key($step->written); $said = $page->conversion->brief->corrections->steps[$key] ?? null; @endphp
                <details @if ($page->faults->has('minutes') && $page->typed('step', '') === $key) open @endif>
                    <summary class="py-1 text-[15px] text-cobalt underline underline-offset-3">{{ $said === null ? 'Put this step right' : 'You put this step right' }}</summary>
                    <x-live-form to="{{ $page->path('bench/steps/'.$key) }}" into="#bench" class="grid gap-2 pb-2">
                        <input type="hidden" name="step" value="{{ $key }}">
                        <div class="w-40">
                            <label class="label" for="minutes-{{ $key }}">It runs, minutes</label>
                            <input class="field figure" id="minutes-{{ $key }}" name="minutes" inputmode="decimal"
                                value="{{ $said?->minutes === null ? '' : App\View\Figures::count($said->minutes) }}" placeholder="{{ $step->minutes?->text() ?? 'as it says' }}">
                        </div>
                        @if ($page->faults->has('minutes') && $page->typed('step', '') === $key)<p class="fault" role="alert">{{ $page->faults->first('minutes') }}</p>@endif
                        <fieldset>
                            <legend class="label">Goes in here, and nowhere else</legend>
                            <div class="flex flex-wrap gap-x-5">
                                @foreach ($page->bowl() as $food => $name)
                                    <label class="flex min-h-[44px] items-center gap-2 text-[15px]"><input class="h-5 w-5 accent-cobalt" type="checkbox" name="takes[]" value="{{ $food }}"
                                        @checked(in_array($food, $said?->takes ?? [], true))> {{ $name }}</label>
                                @endforeach
                            </div>
                        </fieldset>
                        <div class="flex flex-wrap gap-3"><button class="button">Keep it so</button>@if ($said !== null)<button class="link-button" name="reset" value="1">As it was read</button>@endif</div>
                    </x-live-form>
                </details>
            @endunless
        </li>
    @endforeach
</ol>
@php $remedies = collect($page->kernel->remedies($page->conversion))->groupBy('label'); $family = $page->conversion->swap->family(); @endphp
<p class="mb-2"><strong>Done when:</strong> {{ $family->doneness }}. <strong>Cooling:</strong> {{ $family->cooling }}. <strong>Keeps:</strong> {{ $page->conversion->safety->keep->text }}.</p>
@if ($page->conversion->safety->struck !== [])
    <section class="mb-3 border-l-4 border-fault pl-3" aria-label="Struck from the recipe">
        <h3 class="font-sans text-base font-semibold">Struck from the recipe</h3>
        <ul>@foreach ($page->conversion->safety->struck as $struck)<li class="mt-1"><del>{{ trim($struck->text) }}</del> <span class="block text-[15px]">{{ $struck->why }}</span></li>@endforeach</ul>
    </section>
@endif
<details class="mb-2">
    <summary class="py-2 text-cobalt underline underline-offset-3">If the mix is not right</summary>
    <dl class="grid gap-x-5 gap-y-1 sm:grid-cols-[11rem_minmax(0,1fr)]">
        @foreach ($remedies as $label => $ones)<dt class="font-semibold">{{ $label }}</dt><dd>@foreach ($ones as $one){{ $one->text }} @endforeach</dd>@endforeach
    </dl>
</details>
