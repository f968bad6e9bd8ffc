<x-page :title="$name" here="almanac">
    <p><a href="/almanac#tables">Almanac</a></p>
    <h1 class="mt-1 text-4xl text-cobalt">{{ $name }}</h1>
    <div class="mt-4 overflow-x-auto" tabindex="0" role="region" aria-label="{{ $name }}">
        <table class="w-full text-[15px]">
            <thead class="text-left text-sm text-soft"><tr>@foreach (array_keys($rows[0] ?? []) as $head)<th scope="col"
                class="py-1 pr-4 font-normal">{{ str_replace('_', ' ', $head) }}</th>@endforeach</tr></thead>
            <tbody>
            @foreach ($rows as $row)
                <tr class="border-t border-line">@foreach ($row as $column => $cell)<td class="py-1 pr-4 align-top {{ is_numeric($cell) ? 'figure' : '' }}">{{ match (true) { $column === 'provenance' => $sources[$cell]['kind'] ?? $cell, $column === 'aliases', $column === 'words' => str_replace('|', ', ', $cell), default => $cell } }}@if ($column === 'provenance' && isset($sources[$cell]) && $sources[$cell]['kind'] !== 'common practice') <span class="text-soft">({{ $sources[$cell]['source'] }})</span>@endif</td>@endforeach</tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-page>
