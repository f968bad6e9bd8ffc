@php
    use Aglyca\Core\Reading\Flag;
    $bench = $page->path('bench');
    $open = $page->openPart();
    $groups = isset($moved) ? $page->groupsMoved() : $page->groups();
@endphp
{{-- One loop and no view a group: a dessert has a dozen of them, and each view costs more than it draws. --}}
@foreach ($groups as $n => $group)
@isset ($moved)<hx-partial hx-target="#woven-{{ $n }}" hx-swap="outerMorph">@endisset
<div id="woven-{{ $n }}" @if (! $page->isFolded()) data-woven="{{ $page->drawnAs($group) }}" @endif>
@if ($group['heading'] !== '')
    <h3 class="mt-3 border-b border-line pb-1 text-lg text-cobalt">{{ $group['heading'] }}</h3>
@endif
<div class="weave-group rows-{{ min(64, $group['rows']) }}">
<ul class="weave-lane">
@foreach ($group['left'] as $left)
@php $line = $left['line']; @endphp
<li class="weave-row"
    title="{{ $line->text }}"><div><p class="weave-food">{{ App\View\Glyph::of($group['role']) }}<a href="{{ $bench }}?line={{ $line->key }}#line-{{ $line->key }}"
    class="cut weave-name"
    data-line="{{ $line->key }}">{{ $left['name'] }}</a></p><p class="cut weave-typed">@if ($line->isDoubtful())<span class="doubt">check: </span>@elseif ($line->has(Flag::Corrected))<span class="font-semibold text-cobalt">yours: </span>@endif<span class="typed">{{ $left['text'] }}</span></p></div><p class="figure weave-grams">{{ $left['grams'] }}@if ($left['grams'] !== '–') g @endif</p></li>
@endforeach
</ul>
<svg class="weave-ribbons role-{{ $group['role']->value }}" viewBox="{{ $group['box'] }}" preserveAspectRatio="none" aria-hidden="true"
    focusable="false">@if ($group['ribbons'] !== [])<path d="{{ implode('', $group['ribbons']) }}" fill="currentColor"
    fill-opacity="{{ $group['changed'] ? '.3' : '.16' }}"/>@endif<path d="{{ implode('', $group['posts']) }}" fill="currentColor"/></svg>
<ul class="weave-lane">
@foreach ($group['right'] as $right)
<li class="weave-row"><div><p class="cut">@if ($right['food'] && $group['changed'])<a href="{{ $bench }}?part={{ $right['key'] }}#part-{{ $right['key'] }}" class="weave-name"
    data-part="{{ $right['key'] }}">{{ $right['name'] }}</a>@else<span class="font-semibold">{{ $right['name'] }}</span>@endif @if (($right['bag'] ?? '') !== '')<span class="text-[13px] text-soft">{{ $right['bag'] }}</span>@endif</p><p class="weave-why">@if ($right['typed'])<strong class="text-cobalt">yours: </strong>@endif{{ $right['why'] }}</p></div><p class="weave-amount"><span class="figure weave-grams">{{ $right['grams'] }}</span>@if ($right['measure'] !== '')<span class="weave-measure">{{ $right['measure'] }}</span>@endif</p></li>
@endforeach
</ul>
</div>
@if ($group['changed'])
    <p class="border-b border-[#e3e9ef] py-1 text-sm text-soft min-[721px]:hidden">{{ ucfirst($group['why']) }}{{ str_ends_with($group['why'], '.') ? '' : '.' }}</p>
@endif
@foreach ($group['changed'] ? $group['right'] : [] as $right)
    @if ($open === $right['key'])
        @include('bench.part')
        @break
    @endif
@endforeach
@foreach ($group['left'] as $left)
    @if ($left['line']->has(Flag::UnknownFood) && $page->open !== $left['line']->key)
        <form method="post" action="{{ $bench }}/lines/{{ $left['line']->key }}" hx-post="{{ $bench }}/lines/{{ $left['line']->key }}"
            hx-target="#bench" hx-swap="outerHTML"
            class="flex flex-wrap items-center gap-x-4 border-b border-[#e3e9ef] bg-[#fdf6da] px-3 text-[15px]">
            @csrf
            <input type="hidden" name="quick" value="1">
            <span class="doubt">“{{ $left['text'] }}” was not understood:</span>
            <button class="link-button" name="leave_out" value="1">leave it out</button>
            @foreach ($page->suggestions($left['line']) as $name)<button class="link-button" name="food"
                value="{{ $name }}">it is {{ $name }}</button>@endforeach
        </form>
    @endif
    @if ($page->open === $left['line']->key)
        @include('bench.line', ['line' => $left['line']])
    @endif
@endforeach
</div>
@isset ($moved)</hx-partial>@endisset
@endforeach
