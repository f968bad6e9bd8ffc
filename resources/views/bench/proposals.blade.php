@php use App\View\Figures; @endphp
<div class="mt-2 grid gap-2">
    @forelse ($proposals as $name => $worked)
        <form method="post" action="{{ $piece->path('bench/wishes') }}" hx-post="{{ $piece->path('bench/wishes') }}" hx-target="#bench" hx-swap="outerHTML" class="flex items-center justify-between gap-3 border-t border-line pt-1">
            @csrf
            @php $wish = $worked->document; @endphp
            @foreach (['sweetener' => $wish->sweetener, 'school' => $wish->school, 'sweetness' => Figures::percent($wish->sweetness), ...($wish->sharing->isByMass() ? [] : ['pieces' => Figures::count($worked->after->formula->pieces)]), 'convention' => $wish->convention->value, 'cooler' => Figures::whole($wish->cooler)] as $field => $value)<input type="hidden" name="{{ $field }}" value="{{ $value }}">@endforeach
            @foreach ($wish->without as $value)<input type="hidden" name="without[]" value="{{ $value }}">@endforeach
            @foreach ($wish->families as $component => $value)<input type="hidden" name="families[{{ $component }}]" value="{{ $value }}">@endforeach
            <button class="link-button py-1 text-left font-semibold">{{ $name }}</button>
            <span class="text-right text-sm text-soft"><span class="figure text-base text-ink">{{ Figures::one($worked->after->netCarbs($convention)->value) }} g</span>@php $out = array_filter($worked->properties, fn ($p) => $p->isOutside()); @endphp @if ($out !== []) {{ mb_strtolower(implode(', ', array_map(fn ($p) => $p->name, $out))) }} outside @endif</span>
        </form>
    @empty
        <p class="text-[15px] text-soft">Nothing clearly different is better.</p>
    @endforelse
</div>
