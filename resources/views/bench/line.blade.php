@php use App\View\Figures; @endphp
<div id="line-{{ $line->key }}" class="mb-3 rounded-md bg-[#eef2f7] p-4" data-open-line="{{ $line->key }}" role="group" tabindex="-1"
    aria-label="{{ $line->text }}, opened">
    <p class="text-[15px]">You typed: <x-spans :line="$line"/></p>
    <p class="mt-1 text-[15px]">Read as <strong>{{ $line->amount !== '' ? $line->amount : 'no amount' }}</strong> of <strong>{{ $line->food->name ?? 'an unknown food' }}</strong>@if ($line->grams), {{ Figures::grams($line->grams->value) }} g, likely {{ Figures::grams($line->grams->low($page->conversion->before->coverage)) }} to {{ Figures::grams($line->grams->high($page->conversion->before->coverage)) }} g @endif
        @if ($line->food)<a href="/almanac/foods/{{ $line->food->key }}">where its figures come from</a>@endif</p>
    @foreach ($line->flags as $flag)
        <p class="{{ $flag->isDoubt() ? 'doubt' : 'text-sm text-soft' }} mt-1">{{ $flag->sentence() }}</p>
    @endforeach
    <x-live-form to="{{ $page->path('bench/lines/'.$line->key) }}" into="#bench" swap="outerHTML"
        class="mt-3 grid items-end gap-3 sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_auto_auto]">
        <div>
            <label class="label" for="food-{{ $line->key }}">It is</label>
            <input class="field" id="food-{{ $line->key }}" name="food" list="foods" value="{{ $page->typed('food', $line->food->name ?? '') }}"
                autocomplete="off" @if ($page->faults->has('food')) aria-invalid="true" aria-describedby="food-fault" @endif>
        </div>
        <div>
            <label class="label" for="grams-{{ $line->key }}">Grams</label>
            <input class="field figure" id="grams-{{ $line->key }}" name="grams" inputmode="decimal"
                value="{{ $page->typed('grams', (string) ($page->conversion->brief->corrections->of($line->key)?->grams ?? '')) }}"
                placeholder="{{ $line->grams ? Figures::grams($line->grams->value) : '' }}" @if ($page->faults->has('grams')) aria-invalid="true"
                aria-describedby="grams-fault" @endif>
        </div>
        <button class="button button-main">Correct it</button>
        <a class="button" href="{{ $page->path('bench') }}" hx-get="{{ $page->path('bench') }}" hx-target="#bench" hx-swap="outerMorph" data-close>Close</a>
    </x-live-form>
    @if ($page->faults->has('food'))<p id="food-fault" class="fault" role="alert">{{ $page->faults->first('food') }}</p>@endif
    @if ($page->faults->has('grams'))<p id="grams-fault" class="fault" role="alert">{{ $page->faults->first('grams') }}</p>@endif
    @php $packages = $line->food === null ? [] : $page->kernel->catalogue->packagesOf($line->food->key); @endphp
    @if ($packages !== [])
        <x-live-form to="{{ $page->path('bench/lines/'.$line->key) }}" into="#bench" swap="outerHTML"
            class="mt-2 flex flex-wrap items-center gap-x-4 text-[15px]">
            <span class="text-soft">From</span>
            @foreach ($packages as $package)
                <button class="link-button {{ $line->food->package === $package->id ? 'font-bold' : '' }}" name="package"
                    value="{{ $package->id }}">{{ $package->name }}</button>
            @endforeach
            <button class="link-button {{ $line->food->package === '' ? 'font-bold' : '' }}" name="package"
                value="none">no package: the larder's figures</button>
        </x-live-form>
    @endif
    @if ($line->rivals !== [])
        <x-live-form to="{{ $page->path('bench/lines/'.$line->key) }}" into="#bench" swap="outerHTML"
            class="mt-2 flex flex-wrap items-center gap-x-4 text-[15px]">
            <span class="text-soft">Or is it</span>
            @foreach (array_slice($line->rivals, 0, 4) as $rival)
                <button class="link-button" name="food"
                    value="{{ $page->kernel->catalogue->food($rival)->name }}">{{ $page->kernel->catalogue->food($rival)->name }}</button>
            @endforeach
        </x-live-form>
    @endif
    <x-live-form to="{{ $page->path('bench/leave/'.$line->key) }}" into="#bench" swap="outerHTML">
        <button class="link-button">{{ in_array($line->key, $page->conversion->brief->wishes->left, true) ? 'Swap it after all' : 'Leave it as it is written' }}</button>
    </x-live-form>
    @if ($page->conversion->brief->corrections->of($line->key) !== null)
        <x-live-form to="{{ $page->path('bench/lines/'.$line->key) }}" into="#bench" swap="outerHTML">
            <button class="link-button" name="reset" value="1">Take my correction back</button>
        </x-live-form>
    @endif
</div>
