<x-page :title="'Versions of '.$recipe->title" here="bench" :wide="false">
    <p><a href="/bench/{{ $recipe->ulid }}">Back to the Bench</a></p>
    <h1 class="mt-1 text-4xl text-cobalt">{{ $recipe->title }}</h1>
    @if ($all->count() < 2)
        <p class="mt-4 text-lg">There is one version so far. Bake it, or set it down on the Bench, and the next change starts another.</p>
    @else
        <form method="get" class="mt-4 flex flex-wrap items-end gap-3">
            @foreach (['a' => $a, 'b' => $b] as $field => $chosen)
                <div><label class="label" for="{{ $field }}">{{ $field === 'a' ? 'Version' : 'beside version' }}</label><select class="field"
                    id="{{ $field }}" name="{{ $field }}">@foreach ($all as $version)<option value="{{ $version->number }}"
                    @selected($version->is($chosen))>{{ $version->number }}, {{ $version->created_at?->format('j M Y') }}</option>@endforeach</select></div>
            @endforeach
            <button class="button">Compare</button>
        </form>
        @if ($rows === [])
            <p class="mt-5 text-lg">Nothing differs between the two.</p>
        @else
            <table class="mt-5 w-full">
                <caption class="sr-only">What differs between version {{ $a->number }} and version {{ $b->number }}</caption>
                <thead class="text-sm text-soft"><tr><th class="text-left font-normal">differs</th><th class="text-right font-normal">version {{ $a->number }}</th><th class="text-right font-normal">version {{ $b->number }}</th></tr></thead>
                <tbody>@foreach ($rows as $row)<tr class="border-t border-line"><th scope="row"
                    class="py-1.5 text-left font-normal">{{ $row['name'] }}</th><td class="figure text-right">{{ $row['a'] }}</td><td class="figure text-right">{{ $row['b'] }}</td></tr>@endforeach</tbody>
            </table>
        @endif
    @endif
</x-page>
