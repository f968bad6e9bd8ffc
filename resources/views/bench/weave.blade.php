@php
    use Aglyca\Core\Reading\Flag;
    $bench = $page->path('bench');
    $open = $page->openPart();
    $component = null;
    $components = $page->worked->recipe->components;
@endphp
{{-- One loop and no view a group: a dessert has a dozen of them, and each view costs more than it draws. --}}
@foreach ($page->groups() as $group)
@if ($component !== $group['component'] && count($components) > 1)
    <h3 class="mt-3 border-b border-line pb-1 text-lg text-cobalt">{{ $components[$group['component']] ?: 'The dessert' }}</h3>
@endif
@php $component = $group['component']; @endphp
<div class="weave-group {{ 'rows-'.min(16, $group['rows']) }} border-b border-[#e3e9ef] last:border-0">
    <ul class="weave-lane">
        @foreach ($group['left'] as $left)
            @php $line = $left['line']; @endphp
            <li class="flex items-center justify-between gap-2 max-[720px]:block" title="{{ $line->text }}">
                <div class="min-w-0">
                    <p class="flex items-center gap-1.5 leading-tight">{{ App\View\Glyph::of($group['role']) }}<a href="{{ $bench }}?line={{ $line->key }}#line-{{ $line->key }}" hx-get="{{ $bench }}?line={{ $line->key }}" hx-target="#bench" hx-swap="outerHTML" class="cut font-semibold text-ink decoration-line hover:decoration-cobalt" data-line="{{ $line->key }}">{{ $left['name'] }}</a></p>
                    <p class="cut text-sm text-soft">@if ($line->isDoubtful())<span class="doubt">check: </span>@elseif ($line->has(Flag::Corrected))<span class="font-semibold text-cobalt">yours: </span>@endif<span class="typed">{{ $left['text'] }}</span></p>
                </div>
                <p class="figure text-[17px]">{{ $left['grams'] }}@if ($left['grams'] !== '–') g @endif</p>
            </li>
        @endforeach
    </ul>
    <svg class="weave-ribbons {{ 'role-'.$group['role']->value }}" viewBox="{{ $group['box'] }}" preserveAspectRatio="none" aria-hidden="true" focusable="false">
        @foreach ($group['ribbons'] as $d)<path d="{{ $d }}" fill="currentColor" fill-opacity="{{ $group['changed'] ? '.3' : '.16' }}"/>@endforeach
        @foreach ($group['posts'] as $post)<rect x="{{ $post['x'] }}" y="{{ $post['y'] }}" width="{{ $post['width'] }}" height="{{ $post['height'] }}" fill="currentColor"/>@endforeach
    </svg>
    <ul class="weave-lane">
        @foreach ($group['right'] as $right)
            @php $key = Aglyca\Core\Swap\Wishes::amountKey($group['component'], $right['food'] ?? '', $right['slot']); @endphp
            <li class="flex items-center justify-between gap-2 max-[720px]:block">
                <div class="min-w-0">
                    <p class="cut leading-tight">@if ($right['food'] && $group['changed'])<a href="{{ $bench }}?part={{ $key }}#part" hx-get="{{ $bench }}?part={{ $key }}" hx-target="#bench" hx-swap="outerHTML" class="font-semibold text-ink decoration-line hover:decoration-cobalt" data-part="{{ $key }}">{{ $right['name'] }}</a>@else<span class="font-semibold">{{ $right['name'] }}</span>@endif</p>
                    <p class="text-sm leading-tight text-soft max-[720px]:hidden">@if ($right['typed'])<strong class="text-cobalt">yours: </strong>@endif{{ $right['why'] }}</p>
                </div>
                <p class="text-right leading-tight max-[720px]:text-left"><span class="figure text-[17px]">{{ $right['grams'] }}</span>@if ($right['measure'] !== '')<span class="block text-sm whitespace-nowrap text-soft max-[720px]:ml-1.5 max-[720px]:inline">{{ $right['measure'] }}</span>@endif</p>
            </li>
        @endforeach
    </ul>
</div>
@if ($group['changed'])
    <p class="border-b border-[#e3e9ef] py-1 text-sm text-soft min-[721px]:hidden">{{ ucfirst($group['why']) }}{{ str_ends_with($group['why'], '.') ? '' : '.' }}</p>
@endif
@foreach ($group['changed'] ? $group['right'] : [] as $right)
    @if ($open === Aglyca\Core\Swap\Wishes::amountKey($group['component'], $right['food'], $right['slot']))
        @include('bench.part')
        @break
    @endif
@endforeach
@foreach ($group['left'] as $left)
    @if ($left['line']->has(Flag::UnknownFood) && $page->open !== $left['line']->key)
        <form method="post" action="{{ $bench }}/lines/{{ $left['line']->key }}" hx-post="{{ $bench }}/lines/{{ $left['line']->key }}" hx-target="#bench" hx-swap="outerHTML" class="flex flex-wrap items-center gap-x-4 border-b border-[#e3e9ef] bg-[#fdf6da] px-3 text-[15px]">
            @csrf
            <input type="hidden" name="quick" value="1">
            <span class="doubt">“{{ $left['text'] }}” was not understood:</span>
            <button class="link-button" name="leave_out" value="1">leave it out</button>
            @foreach ($page->suggestions($left['line']) as $name)<button class="link-button" name="food" value="{{ $name }}">it is {{ $name }}</button>@endforeach
        </form>
    @endif
    @if ($page->open === $left['line']->key)
        @include('bench.line', ['line' => $left['line']])
    @endif
@endforeach
@endforeach
