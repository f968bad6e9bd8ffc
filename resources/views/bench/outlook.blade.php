@foreach ($page->conversion->swap->collisions() as $binding)
    <div class="mt-3 flex flex-wrap items-center gap-x-4 rounded-md border-2 border-fault bg-white px-4 py-1" role="alert">
        <p class="py-2"><strong>{{ $binding->name }}</strong> and the sweetness that you wish cannot both be kept{{ $binding->row === 'carbs' ? ', within your limit' : '' }}.</p>
        @if ($binding->pieces !== null && $binding->pieces > $page->conversion->before->formula->pieces)
            <x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" swap="outerHTML"><button class="link-button font-semibold" name="pieces"
                value="{{ App\View\Figures::whole($binding->pieces) }}">Cut {{ App\View\Figures::whole($binding->pieces) }} pieces</button></x-live-form>
        @endif
        @if ($page->conversion->brief->wishes->sweetness > 0.6)
            <x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" swap="outerHTML"><button class="link-button font-semibold"
                name="sweetness" value="60">Ask for less sweetness</button></x-live-form>
        @endif
    </div>
@endforeach
@if ($untouched = $page->untouched())
    <p class="notice mt-3" role="note">{{ $untouched }}</p>
@elseif ($page->isAsItWas())
    <p class="strip mt-3 flex items-center justify-between gap-4 text-lg max-md:flex-wrap"><span>Already low-carb as it is: nothing here needs a swap. See <a href="{{ $page->path('bench/account') }}">what carries the carbs</a> that there are.</span><a class="button button-main shrink-0"
        href="{{ $page->path('counter') }}">Bake it</a></p>
@else
    @php $missed = array_filter($page->conversion->properties, fn ($property) => $property->isOutside()); @endphp
    <section class="strip mt-3" aria-label="How it will differ">
        <ul class="strip-row">
            @foreach ($page->differences() as $row)
                <li class="{{ $row['outside'] ? 'strip-out' : '' }}">
                    <span class="strip-name">{{ Str::before($row['name'], ' for one') }}</span>
                    <svg class="strip-track" viewBox="0 0 200 24" preserveAspectRatio="none" aria-hidden="true"><path d="M0 12H200"
                        class="strip-line"/>@if ($row['band'])<rect x="{{ $row['from'] }}" y="5" width="{{ $row['wide'] }}" height="14"
                        class="strip-band"/>@endif<path d="M{{ $row['before'] }} 12H{{ $row['after'] }}"
                        class="strip-way"/><rect x="{{ (float) $row['after'] - 4 }}" y="3" width="8" height="18" class="strip-now"/></svg>
                    <span class="strip-word">{{ $row['text'] }}</span><span class="sr-only">, {{ $row['said'] ?: 'no rule for this' }}</span>
                </li>
            @endforeach
        </ul>
        <div class="strip-next">
            @if ($missed !== [])<p class="text-doubt"><span class="font-semibold">{{ array_values($missed)[0]->sentence() }}</span>@if (count($missed) > 1) <a href="#differences"
                data-opens="differences">and {{ count($missed) - 1 }} more</a>@endif</p>@else<p class="text-soft">Should turn out like the original.</p>@endif
            <a class="button button-main" href="{{ $page->path('counter') }}">Bake it</a>
        </div>
    </section>
@endif
