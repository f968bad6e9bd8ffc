{{-- The card itself: on its sheet, in print, and under its link. --}}
<article class="card density-{{ $card->density() }}" aria-label="Recipe card">
    <div class="flex flex-wrap items-end justify-between gap-x-8">
        <div><h2 class="card-title">{{ $card->title() }}</h2><p class="text-soft">{{ $card->yield() }}</p></div>
        <div><p class="both">@if ($card->least() !== '')<span class="assumed">at least</span>@endif <span><span class="figure">{{ $card->net() }}</span> g net</span> <span><span class="figure">{{ $card->total() }}</span> g total carbs</span> <span>a {{ $card->pieceWord() }}</span></p>
            <p class="text-soft">net likely {{ $card->range() }}, {{ $card->counted() }}</p></div>
    </div>
    <div class="card-columns">
        <div>
            @foreach ($card->components() as $component)
                <h3>{{ $component['name'] ?: 'Weigh' }}@if ($component['note'] !== '')<span class="font-sans font-normal text-soft">, {{ $component['note'] }}</span>@endif</h3>
                <table class="w-full"><tbody>@foreach ($component['rows'] as $row)<tr class="border-b border-[#d6dee7]"><td class="figure w-16 pr-2 text-right align-top font-semibold">{{ $row['grams'] }}</td><th scope="row"
                    class="text-left font-normal">{{ $row['name'] }} <span class="text-soft">{{ $row['measure'] }}</span></th></tr>@endforeach</tbody></table>
            @endforeach
            <h3>In a {{ $card->pieceWord() }}</h3>
            <table class="w-full"><tbody>@foreach ($card->figures() as $row)<tr class="border-b border-[#d6dee7]"><th scope="row"
                class="text-left font-normal">{{ $row['name'] }}</th><td class="figure text-right">{{ $row['value'] }}</td></tr>@endforeach</tbody></table>
            @foreach ($card->others() as $row)<p class="mt-1">{{ ucfirst($row['name']) }}: <span class="figure font-semibold">{{ $row['net'] }}</span> g net, <span class="figure">{{ $row['carbohydrate'] }}</span> g total.</p>@endforeach
        </div>
        <div>
            @if ($card->steps() !== [])<h3>Bake</h3><ol class="list-decimal pl-5">@foreach ($card->steps() as $step)<li class="pb-1">{{ $step }}</li>@endforeach</ol>@endif
            <dl class="mt-3">@foreach ($card->keeping() as $row)<div class="flex gap-2"><dt class="w-24 shrink-0 font-semibold">{{ $row['name'] }}</dt><dd>{{ $row['text'] }}</dd></div>@endforeach</dl>
            @foreach ($card->struck() as $struck)<p class="mt-1 text-[0.93em] text-soft"><del>{{ trim($struck->text) }}</del> {{ $struck->why }}</p>@endforeach
            @foreach ($card->cautions() as $caution)<p class="mt-1 text-[0.93em] text-soft">{{ $caution }}</p>@endforeach
            <x-care class="mt-2"/>
        </div>
    </div>
</article>
