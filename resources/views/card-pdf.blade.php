<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $card->title() }}</title>
    <style>
        @page { margin: 14mm 15mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: {{ $size }}pt; line-height: 1.3; color: #14212b; }
        h1 { font-family: 'DejaVu Serif', serif; font-size: 2em; margin: 0; color: #1d3f91; }
        h2 { font-family: 'DejaVu Serif', serif; font-size: 1.15em; margin: 0.9em 0 0.2em; }
        p { margin: 0.25em 0; }
        table { width: 100%; border-collapse: collapse; }
        td { vertical-align: top; padding: 0.12em 0; }
        .rows td { border-bottom: 0.4pt solid #c3ceda; }
        .g { text-align: right; width: 4.4em; padding-right: 0.7em; font-family: 'DejaVu Sans Mono', monospace; }
        .m, .soft { color: #46545f; }
        .net { font-family: 'DejaVu Serif', serif; font-size: 1.9em; }
        ol { margin: 0; padding-left: 1.5em; }
        li { margin-bottom: 0.3em; }
    </style>
</head>
<body>
<table><tr>
    <td><h1>{{ $card->title() }}</h1><p class="soft">{{ $card->yield() }}</p></td>
    <td style="width: 52%; text-align: right">{{ $card->least() }}<span class="net">{{ $card->net() }}</span> g net <span class="net">{{ $card->total() }}</span> g total carbs a {{ $card->pieceWord() }}<br><span class="soft">net likely {{ $card->range() }}, {{ $card->counted() }}</span></td>
</tr></table>
@if ($isOne)<table><tr><td style="width: 46%; padding-right: 6mm">@endif
        @foreach ($card->components() as $component)
            <h2>{{ $component['name'] ?: 'Weigh' }}@if ($component['note'] !== ''), {{ $component['note'] }}@endif</h2>
            <table class="rows">@foreach ($component['rows'] as $row)<tr><td class="g">{{ $row['grams'] }}</td><td>{{ $row['name'] }} <span class="m">{{ $row['measure'] }}</span></td></tr>@endforeach</table>
        @endforeach
        <h2>In a {{ $card->pieceWord() }}</h2>
        <table class="rows">@foreach ($card->figures() as $row)<tr><td>{{ $row['name'] }}</td><td class="g"
            style="width: 6em">{{ $row['value'] }}</td></tr>@endforeach</table>
        @foreach ($card->others() as $row)<p>{{ ucfirst($row['name']) }}: {{ $row['net'] }} g net, {{ $row['carbohydrate'] }} g total.</p>@endforeach
@if ($isOne)</td><td>@endif
        @if ($card->steps() !== [])<h2>Bake</h2><ol>@foreach ($card->steps() as $step)<li>{{ $step }}</li>@endforeach</ol>@endif
        @foreach ($card->keeping() as $row)<p><strong>{{ $row['name'] }}</strong> {{ $row['text'] }}</p>@endforeach
        @foreach ($card->struck() as $struck)<p class="soft"><del>{{ trim($struck->text) }}</del> {{ $struck->why }}</p>@endforeach
        @foreach ($card->cautions() as $caution)<p class="soft">{{ $caution }}</p>@endforeach
        <p class="soft">Food composition, not medical advice. Do not work out an insulin dose from this number: total carbohydrate counts erythritol and allulose, which hardly raise glucose; net carbs may leave out what does. Your care team decides how you count.</p>
@if ($isOne)</td></tr></table>@endif
</body>
</html>
