@php
    use App\View\DayDrawing;
    use App\View\DayPage;
    $plan = $page->planned->plan; $drawing = $page->drawing; $places = $page->planned->asked->places; $hands = $drawing->hands(); $oven = $drawing->oven(); $next = $page->next();
@endphp
<div id="day">
    <div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
        <div class="min-w-0">
            <h1 class="text-3xl text-cobalt lg:text-4xl">{{ $page->title() }}</h1>
            <p class="mt-1 text-[17px]">{{ $page->desserts() }}</p>
            <p class="text-soft">Begin at <strong class="figure text-ink">{{ $page->clock($plan->start) }}</strong> · {{ DayPage::minutes($plan->handsOn) }} of work in {{ DayPage::minutes($plan->span()) }}@if ($plan->ovenMinutes > 0) · oven on for {{ DayPage::minutes($plan->ovenMinutes) }}@endif</p>
        </div>
        <x-live-form to="{{ $page->path('when') }}" into="#day" live class="flex flex-wrap items-end gap-2 no-print">
            <input type="hidden" name="mode" value="ready">
            <div><label class="label" for="ready-day">Everything ready by</label><input class="field" type="date" id="ready-day" name="day"
                value="{{ $page->date($plan->ready) }}"></div>
            <div><label class="sr-only" for="ready-time">at</label><input class="field figure text-xl font-semibold" type="time" id="ready-time"
                name="time" value="{{ $page->clock($plan->ready) }}"></div>
            <noscript><button class="button">Use this</button></noscript>
        </x-live-form>
    </div>
    @if ($page->refusal !== '')<p class="mt-3 border-l-4 border-fault bg-white px-3 py-2" role="alert">{{ $page->refusal }}</p>@endif
    @foreach ($page->planned->unread as $title)<p class="doubt mt-2">“{{ $title }}” can no longer be read, so it is left out of the plan.</p>@endforeach
    @if ($plan->lateBy > 0)<p class="mt-3 border-l-4 border-fault bg-white px-3 py-2">{{ $plan->advice[0] ?? 'There is too little time: it should have begun '.DayPage::minutes($plan->lateBy).' ago.' }}</p>@endif
    @if ($plan->slots === [])
        <p class="mt-4 text-lg">Nothing is left to do.</p>
    @else
    <div class="mt-3 max-md:hidden">
        <svg id="lanes" viewBox="0 0 {{ DayDrawing::WIDTH }} {{ $drawing->height }}" class="block w-full" role="group"
            aria-label="The plan as lanes; the table below says the same" data-axis="{{ json_encode($drawing->axis->stretches) }}"
            data-mode="{{ $page->isReady() ? 'ready' : 'from' }}">
            <defs><pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="7" height="7"
                fill="#fff"/><line x1="0" y1="0" x2="0" y2="7" stroke="#b9c9e6" stroke-width="3"/></pattern></defs>
            @foreach ($drawing->nights() as $night)<rect x="{{ $night['x'] }}" y="0" width="{{ $night['width'] }}" height="{{ $drawing->height }}"
                fill="#cdd7e4"/>@endforeach
            @foreach ($drawing->ticks() as $tick)
                <line x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}" y1="22" y2="{{ $drawing->height }}"
                    stroke="{{ $tick['strong'] ? '#1d3f91' : '#c3ceda' }}"/>
                <text x="{{ $tick['x'] }}" y="15" text-anchor="middle" class="figure" font-size="13" fill="#14212b">{{ $tick['text'] }}</text>
            @endforeach
            @foreach ($drawing->shortened() as $gap)
                <path d="M{{ $gap['middle'] - 5 }} 20 l5 6 l-5 6 l5 6" fill="none" stroke="#46545f" stroke-width="1.5"/>
                <text x="{{ $gap['middle'] }}" y="15" text-anchor="middle" font-size="12" fill="#46545f">{{ $gap['text'] }}</text>
            @endforeach
            @foreach ($drawing->lanes as $lane)
                <line x1="0" x2="{{ DayDrawing::WIDTH }}" y1="{{ $lane['y'] }}" y2="{{ $lane['y'] }}" stroke="#c3ceda"/>
                <foreignObject x="0" y="{{ $lane['y'] + 4 }}" width="156"
                    height="{{ max(40, $lane['height'] - 6) }}"><p class="lane-name">{{ $lane['name'] }}@if ($lane['dessert'] !== '')<span class="block font-sans text-[13px] font-normal text-soft">{{ $lane['dessert'] }}</span>@endif</p></foreignObject>
            @endforeach
            @foreach ($drawing->links as $path)<path d="{{ $path }}" fill="none" stroke="#6b7a88" stroke-width="1.25"/>@endforeach
            @foreach ($drawing->bars as $bar)
                <g class="bar bar-{{ $bar['kind'] }}" tabindex="0" role="button" aria-label="{{ $bar['title'] }}. Arrow keys move it."
                    data-key="{{ $bar['key'] }}" data-start="{{ $bar['slot']->start }}" data-end="{{ $bar['slot']->end }}">
                    <title>{{ $bar['title'] }}</title>
                    <rect x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="22" rx="3"/>
                    <text x="{{ $bar['labelX'] }}" y="{{ $bar['labelY'] }}" font-size="13"
                        class="{{ $bar['inside'] ? 'inside' : 'below' }}">{{ $bar['label'] }}</text>
                </g>
            @endforeach
            @if ($drawing->hasOven())
                <line x1="0" x2="{{ DayDrawing::WIDTH }}" y1="{{ $drawing->ovenTop }}" y2="{{ $drawing->ovenTop }}" stroke="#c3ceda"/>
                <text x="0" y="{{ $drawing->ovenTop + 24 }}" class="lane-text">Oven</text>
                <polygon points="{{ $oven['area'] }}" fill="#f6e3b4"/><polyline points="{{ $oven['line'] }}" fill="none" stroke="#a1231d"
                    stroke-width="2"/>
                @foreach ($oven['labels'] as $label)<text x="{{ $label['x'] }}" y="{{ $label['y'] }}" text-anchor="middle" class="figure"
                    font-size="13" fill="#14212b">{{ $label['text'] }}</text>@endforeach
            @endif
            <line x1="0" x2="{{ DayDrawing::WIDTH }}" y1="{{ $drawing->handsTop }}" y2="{{ $drawing->handsTop }}" stroke="#c3ceda"/>
            <text x="0" y="{{ $drawing->handsTop + 28 }}" class="lane-text">Your hands</text>
            @foreach ($hands['busy'] as $busy)<rect x="{{ $busy['x'] }}" y="{{ $drawing->handsTop + 14 }}" width="{{ $busy['width'] }}" height="20"
                rx="2" fill="#14212b"/>@endforeach
            @foreach ($hands['free'] as $free)<text x="{{ $free['x'] }}" y="{{ $drawing->handsTop + 29 }}" text-anchor="middle" font-size="13"
                fill="#46545f">{{ $free['text'] }}</text>@endforeach
            @php $now = $drawing->now($page->nowMinute()); @endphp
            @if ($now !== null)
                <line x1="{{ $now }}" x2="{{ $now }}" y1="20" y2="{{ $drawing->height - 18 }}" stroke="#f2c230" stroke-width="4"/>
                <text x="{{ $now + 6 }}" y="{{ $drawing->height - 5 }}" font-size="14" font-weight="600"
                    fill="#14212b">now {{ $page->clock($page->nowMinute()) }}@if ($next), next at {{ $page->clock($next->start) }}@endif</text>
            @endif
            <g class="flag" tabindex="0" role="slider" aria-label="Ready by" aria-valuetext="{{ $page->clock($plan->ready) }}"
                aria-valuenow="{{ $plan->ready }}" data-ready="{{ $plan->ready }}">
                <rect x="{{ $drawing->axis->end() - 3 }}" y="20" width="6" height="{{ $drawing->height - 40 }}" fill="#1d3f91"/>
                <path d="M{{ $drawing->axis->end() + 3 }} 22 h62 l-9 12 l9 12 h-62 z" fill="#1d3f91"/>
                <text x="{{ $drawing->axis->end() + 8 }}" y="39" font-size="14" font-weight="600" class="figure"
                    fill="#fff">{{ $page->clock($plan->ready) }}</text>
            </g>
        </svg>
        <p class="mt-1 flex flex-wrap gap-x-5 text-sm text-soft"><span><span class="key key-hands"></span> hands busy</span><span><span class="key key-wait"></span> waits by itself</span><span><span class="key key-oven"></span> on the heat</span><span class="no-print">Drag a bar, or focus it and press ← or →. Drag the flag, and the day follows.</span></p>
    </div>
    <x-live-form to="{{ $page->path('moves') }}" into="#day" id="day-move" hidden><input type="hidden" name="key"><input type="hidden"
        name="from"><input type="hidden" name="at"></x-live-form>
    @if ($plan->advice !== [])
        <ul class="mt-3 grid gap-1 text-[17px] no-print">@foreach ($plan->advice as $i => $sentence) @if ($plan->lateBy === 0 || $i > 0)<li class="border-l-4 border-here pl-3">{{ $sentence }}</li>@endif @endforeach</ul>
    @endif
    <div class="mt-4 flex flex-wrap items-end gap-x-4 gap-y-3 no-print">
        @if ($next ?? $plan->slots[0])<a class="button button-main"
            href="/counter/{{ $page->ulidOf($next ?? $plan->slots[0]) }}">Go to the Counter</a>@endif
        <x-live-form to="{{ $page->path('places') }}" into="#day" live class="flex flex-wrap items-end gap-3">
            @foreach (['sheets' => 'Sheets', 'bakers' => 'Bakers', 'shelves' => 'Oven shelves'] as $name => $label)
                <div class="w-24"><label class="label" for="place-{{ $name }}">{{ $label }}</label><input class="field figure" type="number" min="1"
                    max="{{ Aglyca\Core\Plan\Places::MOST[$name] }}" id="place-{{ $name }}" name="{{ $name }}" value="{{ $places->$name }}"></div>
            @endforeach
            <details class="basis-full" @if ($errors->hasAny(App\Http\Requests\PlacesRequest::MORE)) open @endif>
                <summary class="inline-block cursor-pointer py-2 underline">When you sleep, and what else there is</summary>
                <div class="flex flex-wrap items-end gap-3">
                    @foreach (['asleepFrom' => 'Asleep from', 'asleepTo' => 'up again at'] as $name => $label)
                        <div class="w-32"><label class="label" for="place-{{ $name }}">{{ $label }}</label><input class="field figure" type="time"
                            id="place-{{ $name }}" name="{{ $name }}" value="{{ Aglyca\Core\Plan\Places::clockOf($places->$name) }}"></div>
                    @endforeach
                    @foreach (['perSheet' => ['Pieces on a sheet', 'as usual'], 'mixers' => ['Mixers', ''], 'rings' => ['Rings on the hob', '']] as $name => [$label, $empty])
                        <div class="w-36"><label class="label" for="place-{{ $name }}">{{ $label }}</label><input class="field figure" type="number"
                            min="1" max="{{ Aglyca\Core\Plan\Places::MOST[$name] }}" id="place-{{ $name }}" name="{{ $name }}"
                            value="{{ $places->$name }}" placeholder="{{ $empty }}"></div>
                    @endforeach
                </div>
            </details>
            <noscript><button class="button">Use this</button></noscript>
        </x-live-form>
        @if ($page->hasMoves())<x-live-form to="{{ $page->path('moves/forget') }}"
            into="#day"><button class="button">Put everything back</button></x-live-form>@endif
        <a class="inline-block py-3" href="{{ $page->path('shopping') }}">Shopping list</a>
        <a class="inline-block py-3" href="{{ $page->path('plan.ics') }}">Into my calendar</a>
        <a class="inline-block py-3" href="{{ $page->path('plan.txt') }}">As text</a>
        <button class="link-button" data-print hidden>Print</button>
        <a class="inline-block py-3" href="/day/new">Another day</a>
    </div>
    <x-live-form to="{{ $page->path('late') }}" into="#day" class="print-keep mt-6">
        <h2 class="text-2xl">Hour by hour</h2>
        @foreach ($page->byDay() as ['day' => $day, 'slots' => $slots])
            <table class="mt-2 w-full">
                <caption class="text-left font-serif text-lg text-cobalt">{{ $day }}</caption>
                <thead class="text-sm text-soft"><tr><th class="w-8 py-1"><span class="sr-only">Done</span></th><th class="w-24 text-left font-normal">time</th><th class="text-left font-normal">what</th><th class="pl-3 text-left font-normal max-md:hidden">for</th><th class="pl-3 text-left font-normal max-md:hidden">where</th><th class="pl-3 text-right font-normal">takes</th></tr></thead>
                <tbody>
                    @foreach ($slots as $slot)
                        @php $task = $slot->job->task; $id = 'done-'.str_replace('#', '-', $slot->job->key()); @endphp
                        <tr class="border-t border-line align-top {{ $task->hands->isNone() ? 'text-soft' : '' }}">
                            <td class="py-2"><input class="h-6 w-6 accent-cobalt" type="checkbox" id="{{ $id }}" name="done[]"
                                value="{{ $slot->job->key() }}"></td>
                            <td class="figure py-2 pr-2 text-[15px]"><span class="font-semibold text-ink">{{ $page->clock($slot->start) }}</span> <span class="max-md:hidden">to {{ $page->clock($slot->end) }}</span></td>
                            <th scope="row"
                                class="py-2 text-left font-normal"><label for="{{ $id }}">{{ $task->text }}@if ($task->batches > 1) <span class="text-soft">({{ $slot->job->batch }} of {{ $task->batches }})</span>@endif</label>@if ($task->uses !== [])<span class="block text-[15px] text-soft">{{ App\View\StepHtml::grams($task->uses) }}</span>@endif<span class="block text-[15px] text-soft {{ $page->isShared() ? '' : 'md:hidden' }}">{{ $page->isShared() ? $task->dessert : $task->component }}{{ $task->place !== '' && ($page->isShared() || $task->component !== '') ? ', ' : '' }}<span class="md:hidden">{{ $task->place }}</span></span></th>
                            <td class="py-2 pl-3 text-[15px] max-md:hidden">{{ $task->component !== '' ? $task->component : $task->dessert }}</td>
                            <td class="py-2 pl-3 text-[15px] max-md:hidden">{{ $task->place }}</td>
                            <td class="figure py-2 pl-3 text-right text-[15px]">{{ DayPage::minutes($task->typical) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endforeach
        <div class="mt-3 flex flex-wrap items-center gap-4 no-print"><button class="button">I am here now: plan the rest</button><span class="text-soft">What is ticked counts as done; the rest begins now.</span></div>
    </x-live-form>
    <form method="post" action="{{ $page->path('remove') }}" class="mt-6 no-print">@csrf<button class="link-button">Remove this plan</button></form>
    @endif
</div>
