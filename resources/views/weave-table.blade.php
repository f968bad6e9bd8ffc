<x-page :title="$page->title().', as a table'" here="bench">
    <p><a href="{{ $page->path('bench') }}">Back to the Bench</a></p>
    <h1 class="mt-1 text-4xl text-cobalt">{{ $page->title() }}</h1>
    <p class="mt-1">{{ $page->net($page->conversion->before) }} g net carbs a {{ $page->pieceWord() }} as written, {{ $page->net($page->conversion->after) }} g swapped, likely {{ $page->range($page->conversion->after) }}.</p>
    <div class="mt-4 overflow-x-auto" tabindex="0" role="region" aria-label="The swap as a table">
        <table class="w-full">
            <thead class="text-left text-sm text-soft"><tr>@foreach (['as written', 'grams', 'becomes', 'amount', 'measure', 'why'] as $head)<th scope="col"
                class="pr-4 font-normal">{{ $head }}</th>@endforeach</tr></thead>
            @foreach ($page->groups() as $group)
                <tbody class="border-t border-line">
                @for ($i = 0; $i < $group['rows']; $i++)
                    <tr><th scope="row"
                        class="py-1 pr-4 text-left font-normal">{{ $group['left'][$i]['text'] ?? '' }}</th><td class="figure pr-4">{{ $group['left'][$i]['grams'] ?? '' }}</td><td class="pr-4 font-semibold">{{ $group['right'][$i]['name'] ?? '' }}</td><td class="figure pr-4">{{ $group['right'][$i]['grams'] ?? '' }}</td><td class="pr-4">{{ $group['right'][$i]['measure'] ?? '' }}</td><td class="text-soft">{{ $group['right'][$i]['why'] ?? '' }}</td></tr>
                @endfor
                </tbody>
            @endforeach
        </table>
    </div>
</x-page>
