<table class="mt-1 w-full text-[15px]">
    <caption class="sr-only">Each property of the swapped dessert: its band, as written and swapped</caption>
    <thead class="text-sm text-soft"><tr><th class="text-left font-normal">○ written ◆ swapped</th><th class="text-center font-normal">band</th><th class="text-right font-normal">now</th></tr></thead>
    <tbody>
    @foreach ($page->differences() as $row)
        <tr class="border-t border-[#e3e9ef]">
            <th scope="row" class="py-1 pr-2 text-left leading-tight font-normal">{{ $row['name'] }}</th>
            <td class="w-[42%]"><svg class="block h-6 w-full" viewBox="0 0 200 24" preserveAspectRatio="none" aria-hidden="true"><path d="M0 12H200"
                stroke="#c3ceda" stroke-width="1" vector-effect="non-scaling-stroke"/>@if ($row['band'])<rect x="{{ $row['from'] }}" y="4"
                width="{{ $row['wide'] }}" height="16" fill="#dde6f8"/>@endif<path d="M{{ $row['before'] }} 12H{{ $row['after'] }}" stroke="#14212b"
                stroke-width="1.5" vector-effect="non-scaling-stroke"/><ellipse cx="{{ $row['before'] }}" cy="12" rx="6" ry="5.5" fill="#fff"
                stroke="#14212b" stroke-width="1.6" vector-effect="non-scaling-stroke"/><path d="M0 -7 8 0 0 7 -8 0Z"
                transform="translate({{ $row['after'] }} 12)" fill="{{ $row['outside'] ? '#a1231d' : '#1d3f91' }}"/></svg></td>
            <td class="text-right">{{ $row['text'] }}@if ($row['said'] !== '')<span class="sr-only">, {{ $row['said'] }}</span>@endif @if ($row['outside'])<span class="block font-sans text-xs font-semibold text-fault">outside</span>@endif</td>
        </tr>
    @endforeach
    </tbody>
</table>
<p class="mt-1 text-sm text-soft"><a href="/almanac#properties">How these are worked out</a></p>
@php $missed = array_filter($page->conversion->properties, fn ($property) => $property->isOutside()); @endphp
@if ($missed !== [])
    <ul class="mt-2 grid gap-1 text-[15px]" aria-label="What is out of its band">
        @foreach ($missed as $property)<li class="text-doubt">{{ $property->sentence() }}</li>@endforeach
    </ul>
@endif
