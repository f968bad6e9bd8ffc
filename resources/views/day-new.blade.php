<x-page title="Plan a day" here="day">
    <h1 class="text-4xl text-cobalt">Plan a day</h1>
    @if ($recipes->isEmpty())
        <p class="mt-4 text-lg">The Shelf is empty. <a href="/">Bring a dessert</a> first, then plan when to make it.</p>
    @else
    <form method="post" action="/day" class="mt-4 grid gap-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <x-once/>
        <input type="hidden" name="zone" value="{{ $zone }}" data-zone>
        <fieldset>
            <legend class="text-2xl font-serif">What will you make?</legend>
            @error('desserts')<p class="fault" role="alert">{{ $message }}</p>@enderror
            <ul class="mt-1">
                @foreach ($recipes as $recipe)
                    <li class="border-t border-line"><label class="flex min-h-[48px] items-center gap-3 text-lg"><input class="h-6 w-6 shrink-0 accent-cobalt"
                        type="checkbox" name="desserts[]" value="{{ $recipe->ulid }}"
                        @checked(in_array($recipe->ulid, (array) old('desserts', request()->query('desserts', [])), true))> {{ $recipe->title }}</label></li>
                @endforeach
            </ul>
        </fieldset>
        <div class="tray grid content-start gap-3 self-start p-4">
            <fieldset class="grid gap-2">
                <legend class="label">When?</legend>
                <label class="flex min-h-[44px] items-center gap-3"><input class="h-6 w-6 accent-cobalt" type="radio" name="mode" value="ready"
                    @checked(old('mode', 'ready') === 'ready')> All of it ready by</label>
                <div class="grid grid-cols-2 gap-2 pl-9">
                    <div><label class="sr-only" for="day">Day</label><input class="field" type="date" id="day" name="day"
                        value="{{ old('day', $today->toDateString()) }}">@error('day')<p class="fault" role="alert">{{ $message }}</p>@enderror</div>
                    <div><label class="sr-only" for="time">Time</label><input class="field figure" type="time" id="time" name="time"
                        value="{{ old('time', '16:00') }}">@error('time')<p class="fault" role="alert">{{ $message }}</p>@enderror</div>
                </div>
                <label class="flex min-h-[44px] items-center gap-3"><input class="h-6 w-6 accent-cobalt" type="radio" name="mode" value="from"
                    @checked(old('mode') === 'from')> I begin now</label>
            </fieldset>
            <button class="button button-main justify-self-start">Plan it</button>
        </div>
    </form>
    @endif
    @if ($days->isNotEmpty())
        <h2 class="mt-10 text-2xl">Days you planned</h2>
        <ul class="mt-1">@foreach ($days as $day)<li class="border-t border-line py-2"><a href="/day/{{ $day->ulid }}">{{ Aglyca\Core\Plan\Night::local($day->document['at'], new DateTimeZone($zone))->format('l j F, H:i') }}</a> <span class="text-soft">{{ count($day->document['desserts']) }} {{ count($day->document['desserts']) === 1 ? 'dessert' : 'desserts' }}</span></li>@endforeach</ul>
    @endif
</x-page>
