<div id="part-{{ $page->openPart() }}" class="mb-3 rounded-md bg-[#eef2f7] p-4" data-open-part="{{ $page->openPart() }}" role="group" tabindex="-1"
    aria-label="{{ $right['name'] }}, {{ $right['grams'] }}, opened">
    <p class="text-[15px]"><strong>{{ $right['name'] }}</strong>, {{ $right['grams'] }}@if ($right['measure'] !== ''), {{ $right['measure'] }}@endif: {{ $right['why'] }}. <a href="/almanac/foods/{{ $right['food'] }}">where its figures come from</a></p>
    @foreach ($page->decided($group['component']) as $said)<p class="text-sm text-soft">{{ $said }}</p>@endforeach
    <x-live-form to="{{ $page->path('bench/amounts') }}" into="#bench" swap="outerHTML" class="mt-3 flex flex-wrap items-end gap-3">
        <input type="hidden" name="component" value="{{ $group['component'] }}"><input type="hidden" name="food"
            value="{{ $right['food'] }}"><input type="hidden" name="slot" value="{{ $right['slot'] }}">
        <div class="w-32"><label class="label" for="amount-{{ $page->openPart() }}">Your own, g</label><input class="field figure" id="amount-{{ $page->openPart() }}" name="grams"
            inputmode="decimal" value="{{ $page->typed('grams', $right['typed'] ? (string) $right['mass'] : '') }}"
            placeholder="{{ App\View\Figures::grams($right['mass']) }}" @if ($page->faults->has('amount')) aria-invalid="true"
            aria-describedby="amount-fault" @endif></div>
        <button class="button button-main">Keep my amount</button>
        @if ($right['typed'])<button class="button" name="reset"
            value="1">{{ $right['slot'] === 'added' ? 'Remove it again' : 'Let it be worked out' }}</button>@endif
        <a class="button" href="{{ $page->path('bench') }}" hx-get="{{ $page->path('bench') }}" hx-target="#bench" hx-swap="outerMorph" data-close>Close</a>
    </x-live-form>
    @if ($page->faults->has('amount'))<p id="amount-fault" class="fault" role="alert">{{ $page->faults->first('amount') }}</p>@endif
    @if ($spoon = $page->molasses($group))
        <x-live-form to="{{ $page->path('bench/amounts') }}" into="#bench" swap="outerHTML">
            <input type="hidden" name="component" value="{{ $group['component'] }}"><input type="hidden" name="food"
                value="molasses"><input type="hidden" name="slot" value="added"><input type="hidden" name="grams" value="{{ $spoon['grams'] }}">
            <p class="mt-2 text-[15px]">A teaspoon of molasses gives the brown note and costs <span class="figure">{{ $spoon['net'] }}</span> g a {{ $page->pieceWord() }}. <button class="link-button">Add it</button></p>
        </x-live-form>
    @endif
    @if (in_array($group['role'], [Aglyca\Core\Larder\Role::Sweet, Aglyca\Core\Larder\Role::Body], true))
        <x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" swap="outerHTML" class="mt-3">
            <table class="w-full text-[15px]">
                <caption class="text-left font-semibold">Other choices</caption>
                <tbody>
                @foreach ($page->alternatives($group['role']) as $other)
                    <tr class="border-t border-line"><th scope="row" class="text-left font-normal"><button class="link-button py-1"
                        name="{{ $other['field'] }}"
                        value="{{ $other['key'] }}">{{ $other['name'] }}</button></th><td class="figure text-right">{{ $other['net'] }} g</td><td class="pl-4 text-soft">{{ $other['effect'] }}</td></tr>
                @endforeach
                </tbody>
            </table>
        </x-live-form>
    @endif
    <div class="mt-2 flex flex-wrap gap-x-5">
        @foreach ($group['left'] as $left)
            <x-live-form to="{{ $page->path('bench/leave/'.$left['line']->key) }}" into="#bench"
                swap="outerHTML"><button class="link-button">Leave {{ mb_strtolower($left['name']) }} as it is</button></x-live-form>
        @endforeach
        @if ($page->dessert->recipe)
            <form method="post" action="{{ $page->path('bench/never') }}">@csrf<input type="hidden" name="food"
                value="{{ $right['food'] }}"><button class="link-button">Never use {{ mb_strtolower($right['name']) }} in this kitchen</button></form>
        @endif
    </div>
</div>
