@php
    use Aglyca\Core\Account\Convention;
    use Aglyca\Core\Account\Figure;
    use Aglyca\Core\Formula\PortionPlan;
    use App\View\Figures;
    $statement = $sheet->statement();
    $measure = $sheet->measure->value;
@endphp
<div id="sheet">
    @include('bench.head', ['here' => 'account', 'side' => $sheet->isSwapped ? Aglyca\Core\Side::Swapped : Aglyca\Core\Side::Written])
    <div class="no-print mt-3 flex flex-wrap items-end gap-x-8 gap-y-2">
        <p class="flex gap-x-5"><a class="py-2 {{ $sheet->isSwapped ? 'font-semibold text-ink no-underline' : '' }}"
            href="{{ $sheet->path(['side' => null]) }}" @if ($sheet->isSwapped) aria-current="true"
            @endif>Swapped</a><a class="py-2 {{ $sheet->isSwapped ? '' : 'font-semibold text-ink no-underline' }}"
            href="{{ $sheet->path(['side' => 'written']) }}" @if (! $sheet->isSwapped) aria-current="true" @endif>As written</a></p>
        <x-live-form to="{{ $page->path('bench/account/eaten') }}" into="#sheet" live class="flex items-center gap-2">
            <label for="eaten">You eat</label>
            <select class="field w-36" id="eaten" name="eaten">@foreach (PortionPlan::EATEN as $times)<option value="{{ $times }}"
                @selected($page->conversion->brief->portions->eaten === $times)>{{ $times === 0.5 ? 'half a '.$page->pieceWord() : Figures::count($times).' '.$page->conversion->recipe->pieceWord($times) }}</option>@endforeach</select>
            <noscript><button class="button">Use this</button></noscript>
        </x-live-form>
        @if ($page->faults->has('eaten'))<p class="fault" role="alert">{{ $page->faults->first('eaten') }}</p>@endif
    </div>
    <div class="mt-4 grid items-start gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <section class="tray min-w-0 px-4 py-3" aria-label="The account">
            <div class="overflow-x-auto" tabindex="0" role="region" aria-label="Every figure with its range">
                <table class="w-full">
                    <caption class="sr-only">Every figure of {{ $page->title() }} with its likely range</caption>
                    <thead class="text-[15px] text-soft"><tr><th class="text-left font-normal">{{ $sheet->isSwapped ? 'swapped' : 'as written' }}</th>@foreach ($statement['heads'] as $head)<th class="pl-2 text-right font-normal sm:pl-3">{{ $head }}</th>@endforeach</tr></thead>
                    <tbody class="max-sm:text-[15px]">
                    @foreach ($statement['rows'] as $row)
                        <tr class="border-t border-[#e3e9ef] {{ $loop->first ? 'text-lg font-semibold' : '' }}">
                            <th scope="row"
                                class="py-1 text-left {{ $loop->first ? 'font-semibold' : 'font-normal' }} {{ $row['isPart'] ? 'pl-5 text-[15px] text-soft' : '' }}">{{ $row['name'] }}, {{ $row['unit'] }}</th>
                            @foreach ($row['cells'] as $cell)<td class="figure pl-2 text-right align-top leading-tight sm:pl-3">{{ $cell['value'] }}<span class="block text-[13px] font-normal text-soft max-sm:text-[11px] {{ $loop->last && count($row['cells']) > 2 ? 'max-sm:hidden' : '' }}">{{ $cell['range'] }}</span></td>@endforeach
                        </tr>
                    @endforeach
                    </tbody>
                </table>
            </div>
            <p class="mt-2 text-[15px]">{{ ucfirst($sheet->eatenName()) }} is <span class="figure font-semibold">{{ $sheet->choices() }}</span> carbohydrate choices of 15 g, {{ $page->counted() }}; by total carbohydrate <span class="figure">{{ $sheet->choicesByTotal() }}</span>.</p>
            <x-care class="mt-2"/>
        </section>
        <div class="grid gap-6">
            <section aria-label="Ways of counting">
                <h2 class="text-xl">Each way of counting</h2>
                <dl class="mt-1">
                    @foreach ($sheet->conventions() as $row)
                        <div class="border-t border-line py-1.5"><dt class="flex justify-between gap-4 {{ $row['isChosen'] ? 'font-semibold' : '' }}"><span>{{ $row['name'] }}</span><span class="figure">{{ $row['value'] }} g <span class="text-[13px] font-normal text-soft">{{ $row['range'] }}</span></span></dt><dd class="text-sm text-soft">{{ $row['sentence'] }}</dd></div>
                    @endforeach
                </dl>
            </section>
            @if ($limit = $sheet->limit())
                <section aria-label="Your limit"><h2 class="text-xl">Within your {{ $limit['limit'] }} g</h2><p class="mt-1">{{ $limit['small'] }}</p><p>{{ $limit['had'] }}</p></section>
            @elseif ($page->dessert->recipe)
                <p><a href="/kitchen">Set a limit for your kitchen</a> to see how small a piece must be.</p>
            @endif
            @if ($kinds = $sheet->kinds())
                <section aria-label="Kinds of piece">
                    <h2 class="text-xl">Kinds, and what goes on</h2>
                    <table class="mt-1 w-full">
                        <thead class="text-sm text-soft"><tr><th class="text-left font-normal">pieces</th><th class="text-right font-normal">net carbs</th><th class="text-right font-normal">total</th></tr></thead>
                        <tbody>@foreach ($kinds as $kind)<tr class="border-t border-[#e3e9ef]"><th scope="row"
                            class="py-1 text-left font-normal">@if ($kind['count'] !== '')<span class="figure font-semibold">{{ $kind['count'] }}</span> @endif{{ $kind['name'] }}</th><td class="figure text-right">{{ $kind['net'] }} g <span class="text-[13px] text-soft">{{ $kind['range'] }}</span></td><td class="figure text-right">{{ $kind['carbohydrate'] }} g</td></tr>@endforeach</tbody>
                    </table>
                </section>
            @endif
            @if ($cost = $sheet->cost())
                <section aria-label="Cost"><h2 class="text-xl">Cost</h2><p class="mt-1"><span class="figure text-lg font-semibold">{{ $cost['piece'] }}</span> a {{ $page->pieceWord() }}, <span class="figure">{{ $cost['batch'] }}</span> the batch, <span class="text-soft">{{ $cost['note'] }}</span>.</p></section>
            @endif
        </div>
    </div>
    <section class="mt-8 max-w-[720px]" aria-label="What makes the range">@include('bench.doubts', ['account' => $sheet->account])</section>
    <section class="mt-8" aria-label="What each line carries">
        <div class="flex flex-wrap items-end justify-between gap-4">
            <h2 class="text-2xl">What each line carries</h2>
            <form method="get" action="{{ $page->path('bench/account') }}" x-data="goes" x-on:change="go" class="flex items-center gap-2">
                @if (! $sheet->isSwapped)<input type="hidden" name="side" value="written">@endif
                <label for="of">of</label>
                <select class="field w-60" id="of" name="of">
                    @foreach (app(App\View\Conventions::class)->all() as $key => $convention)<option value="{{ $key }}"
                        @selected($measure === $key)>Net carbs, {{ mb_strtolower($convention['name']) }}</option>@endforeach
                    @foreach (Figure::cases() as $figure)<option value="{{ $figure->value }}"
                        @selected($measure === $figure->value)>{{ $figure->label() }}</option>@endforeach
                </select>
                <noscript><button class="button">Show</button></noscript>
            </form>
        </div>
        <div class="mt-2 overflow-x-auto" tabindex="0" role="region" aria-label="Lines">
            <table class="w-full">
                <thead class="text-sm text-soft"><tr><th class="text-left font-normal">line</th><th class="max-sm:hidden"></th><th class="text-right font-normal">carries</th><th class="pl-2 text-right font-normal">a {{ $page->pieceWord() }} without it</th><th class="pl-2 text-right font-normal">with half of it</th></tr></thead>
                <tbody>
                @foreach ($sheet->lines() as $row)
                    <tr class="border-t border-[#d6dee7]"><th scope="row"
                        class="py-1 text-left font-normal"><span class="inline-flex items-center gap-1.5">{{ App\View\Glyph::of($row['role']) }} {{ $row['name'] }}</span></th><td class="w-1/4 max-sm:hidden"><svg class="block h-3 w-full"
                        viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true"><rect width="{{ $row['width'] }}" height="10"
                        fill="currentColor"
                        class="role-{{ $row['role']->value }}"/></svg></td><td class="figure text-right font-semibold">{{ $row['carried'] }}</td><td class="figure text-right">{{ $row['without'] }}</td><td class="figure text-right">{{ $row['halved'] }}</td></tr>
                @endforeach
                <tr class="border-t-2 border-ink font-semibold"><th scope="row"
                    class="py-1 text-left">{{ $sheet->measureName() }}, a {{ $page->pieceWord() }}</th><td class="max-sm:hidden"></td><td class="figure text-right">{{ $sheet->total() }}</td><td></td><td></td></tr>
                </tbody>
            </table>
        </div>
        @php $asked = $sheet->exchange(); @endphp
        <form method="get" action="{{ $page->path('bench/account') }}" class="no-print mt-3 flex flex-wrap items-end gap-3">
            @if (! $sheet->isSwapped)<input type="hidden" name="side" value="written">@endif
            <input type="hidden" name="of" value="{{ $measure }}">
            <div class="w-60"><label class="label" for="line">What if, in place of</label><select class="field" id="line"
                name="line">@foreach ($sheet->lines() as $row)<option value="{{ $row['line'] }}"
                @selected($asked['line'] === $row['line'])>{{ $row['name'] }}</option>@endforeach</select></div>
            <div class="w-60"><label class="label" for="for">there were</label><input class="field" id="for" name="for" list="foods"
                autocomplete="off" value="{{ $asked['for'] }}" @if ($asked['isFault']) aria-invalid="true" aria-describedby="for-fault" @endif></div>
            <button class="button">See</button>
            @if ($asked['sentence'] !== '')<p id="for-fault" class="{{ $asked['isFault'] ? 'fault' : 'text-lg' }} w-full"
                role="{{ $asked['isFault'] ? 'alert' : 'status' }}">{{ $asked['sentence'] }}</p>@endif
        </form>
    </section>
    @if ($page->conversion->warnings !== [] && $sheet->isSwapped)
        <section class="mt-8"
            aria-label="Warnings"><h2 class="text-2xl">Warnings</h2><ul class="mt-1 max-w-[80ch] list-disc pl-5">@foreach ($page->conversion->warnings as $warning)<li>{{ $warning->sentence }}</li>@endforeach</ul></section>
    @endif
</div>
