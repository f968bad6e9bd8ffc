@php use App\View\Figures; @endphp
<div class="mt-2 grid gap-2">
    @forelse ($proposals as $name => $conversion)
        <x-live-form to="{{ $dessert->path('bench/wishes') }}" into="#bench" swap="outerHTML"
            class="flex items-center justify-between gap-3 border-t border-line pt-1">
            <input type="hidden" name="sweetener" value="{{ $conversion->brief->wishes->sweetener }}"><input type="hidden" name="school"
                value="{{ $conversion->brief->wishes->school }}">
            <button class="link-button py-1 text-left font-semibold">{{ $name }}</button>
            <span class="text-right text-sm text-soft"><span class="figure text-base text-ink">{{ Figures::one($conversion->after->netCarbs($convention)->value) }} g</span>@php $out = array_filter($conversion->properties, fn ($p) => $p->isOutside()); @endphp @if ($out !== []) {{ mb_strtolower(implode(', ', array_map(fn ($p) => $p->name, $out))) }} outside @endif</span>
        </x-live-form>
    @empty
        @if ($gains === [])<p class="text-[15px] text-soft">Nothing clearly different is better.</p>@endif
    @endforelse
    @foreach ($gains as $gain)
        <x-live-form to="{{ $dessert->path('bench/lines/'.$gain->line) }}" into="#bench" swap="outerHTML" class="border-t border-line pt-1">
            <input type="hidden" name="quick" value="1"><input type="hidden" name="food" value="{{ $names[$gain->food] }}"><input type="hidden"
                name="grams" value="{{ Figures::typed($gain->grams) }}">
            <button class="link-button py-1 text-left font-semibold">{{ $gain->what }}</button>
            <p class="text-[15px] text-soft">{{ $gain->sentence }}</p>
        </x-live-form>
    @endforeach
</div>
