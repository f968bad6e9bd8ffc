@php
    $say = fn (string $kind, ?string $what, ?float $grams): string => match (true) {
        $what === null => __('reading.anew.nothing'),
        $kind === 'line' => __($grams === null ? 'reading.anew.loose' : 'reading.anew.line', [
            'food' => $what === '' ? __('reading.anew.unknown') : $what,
            'grams' => App\View\Figures::grams($grams),
        ]),
        default => $what === '' ? __('reading.anew.nothing') : $what,
    };
@endphp
<section class="mb-4 border-2 border-line p-3" aria-labelledby="anew">
    <h3 id="anew" class="font-semibold">{{ __('reading.anew.heading') }}</h3>
    <p class="pb-2 text-soft">{{ __('reading.anew.why') }}
        @if ($page->dessert->recipe?->latest->isStoodOn()){{ __('reading.anew.baked') }}@endif</p>
    <table class="w-full table-fixed break-words text-left text-[15px]">
        <thead><tr class="border-b border-line">
            @foreach (['row', 'kept', 'today'] as $head)<th scope="col" class="py-1 pr-3 align-top font-semibold">{{ __("reading.anew.$head") }}</th>@endforeach
        </tr></thead>
        <tbody class="divide-y divide-[#d6dee7]">
            @foreach ($differences as $difference)
                <tr class="align-top">
                    <th scope="row" class="py-1 pr-3 font-normal">{{ $difference->text === '' ? __("reading.anew.$difference->kind") : $difference->text }}</th>
                    <td class="py-1 pr-3">{{ $say($difference->kind, $difference->was, $difference->wasGrams) }}</td>
                    <td class="py-1">{{ $say($difference->kind, $difference->is, $difference->isGrams) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <form method="post" action="{{ $page->path('bench/anew') }}" hx-post="{{ $page->path('bench/anew') }}" hx-target="#bench" hx-swap="outerHTML" class="pt-3">
        @csrf
        <button class="button">{{ __('reading.anew.take') }}</button>
    </form>
</section>
