<x-page :title="'Label for '.$card->title()" here="bench">
    <div class="no-print">
        <p><a href="{{ $dessert->path('bench/card') }}">Back to the card</a></p>
        <h1 class="mt-1 text-3xl text-cobalt">A label for the tin</h1>
        <form method="get" class="mt-3 flex flex-wrap items-end gap-3">
            <div class="w-48"><label class="label" for="baked">Baked on</label><input class="field" id="baked" name="baked" value="{{ $baked }}"
                maxlength="40"></div>
            <div class="w-24"><label class="label" for="copies">Labels</label><input class="field figure" id="copies" name="copies"
                inputmode="numeric" value="{{ $copies }}"></div>
            <button class="button">Show</button>
            <button class="button button-main" type="button" data-print hidden>Print</button>
        </form>
    </div>
    <div class="tins mt-5">
        @for ($i = 0; $i < $copies; $i++)
            <div class="tin">
                <p class="font-serif text-lg leading-tight font-semibold">{{ $card->title() }}</p>
                <p class="both small">{{ $card->least() }}<span><span class="figure">{{ $card->net() }}</span> g net</span> <span><span class="figure">{{ $card->total() }}</span> g total carbs</span> <span>a {{ $card->pieceWord() }}</span></p>
                <p class="text-[13px] leading-tight">net likely {{ $card->range() }}, {{ $card->counted() }}</p>
                <p class="text-[13px] leading-tight">@foreach (array_slice($card->figures(), 0, 6) as $row){{ $loop->first ? '' : ' · ' }}{{ mb_strtolower($row['name']) }} <span class="figure">{{ $row['value'] }}</span>@endforeach</p>
                <p class="text-[13px] leading-tight">{{ $card->yield() }}. Baked {{ $baked }}. Keeps {{ $card->keeping()[2]['text'] }}.</p>
                <p class="text-[13px] leading-tight">{{ $card->allergens() }}@if (! $card->isForDogs()) <strong>Xylitol: dangerous to dogs.</strong>@endif</p>
            </div>
        @endfor
    </div>
</x-page>
