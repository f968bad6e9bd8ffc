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
                <span class="figure">{{ $row['text'] }}</span>@if ($row['word'] !== '') <span class="strip-word">{{ $row['word'] }}</span>@else<span class="sr-only">, {{ $row['said'] ?: 'no band' }}</span>@endif
            </li>
        @endforeach
    </ul>
    <div class="strip-next">
        @if ($missed !== [])<p class="text-doubt"><span class="font-semibold">{{ array_values($missed)[0]->sentence() }}</span>@if (count($missed) > 1) <a href="#differences"
            data-opens="differences">and {{ count($missed) - 1 }} more</a>@endif</p>@else<p class="text-soft">All within what this kind of bake bears.</p>@endif
        <a class="button button-main" href="{{ $page->path('counter') }}">Bake it</a>
    </div>
</section>
