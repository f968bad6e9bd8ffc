@php
    $recipe = $page->conversion->recipe;
    $fates = ['title' => 'title', 'yield' => 'how many', 'heading' => 'heading', 'ingredient' => 'ingredient', 'step' => 'step', 'note' => 'note', 'chatter' => 'talk'];
    $differences = $page->kernel->readAnew($page->conversion->brief);
    $doubtful = array_filter($recipe->rows, fn ($row) => $row->isDoubtful);
@endphp
@if ($differences !== [])@include('bench.anew')@endif
@if ($page->faults->has('reading'))<p class="fault" role="alert">{{ $page->faults->first('reading') }}</p>@endif
<form method="post" action="{{ $page->path('bench/measures') }}" hx-post="{{ $page->path('bench/measures') }}" hx-trigger="change"
    hx-target="#bench" hx-swap="outerHTML" class="flex flex-wrap items-end gap-3 pb-3">
    @csrf
    <div class="w-full max-w-md">
        <label class="label" for="measures">Whose cups and spoons</label>
        <select class="field" id="measures" name="measures">
            <option value="">as read: {{ $recipe->measures->name() }}@if ($recipe->measures->evidence !== '' && ! $recipe->measures->isSaid) ({{ $recipe->measures->evidence }})@endif</option>
            {{ App\View\Options::of(['us' => 'US cups and spoons', 'metric' => 'metric cups and spoons', 'au' => 'Australian cups, tablespoon of 20 ml', 'imperial' => 'British pints and spoons'], $page->conversion->brief->corrections->measures) }}
        </select>
    </div>
    <noscript><button class="button">Use this</button></noscript>
</form>
@if ($doubtful !== [])<p class="doubt">{{ count($doubtful) === 1 ? 'One row holds' : count($doubtful).' rows hold' }} an amount and a food, and did not go to the ingredients.</p>@endif
<ol class="divide-y divide-[#d6dee7] border-y border-line">
    @foreach ($recipe->rows as $row)
        <li class="grid grid-cols-[8.5rem_minmax(0,1fr)] items-start gap-3 py-1 {{ $row->isDoubtful ? 'bg-[#fdf6da]' : '' }}">
            <form method="post" action="{{ $page->path('bench/rows/'.$row->key) }}" hx-post="{{ $page->path('bench/rows/'.$row->key) }}"
                hx-trigger="change" hx-target="#bench" hx-swap="outerHTML" id="row-{{ $row->key }}">
                @csrf
                <select class="field min-h-[44px] py-1 text-[15px]" name="fate" aria-label="What “{{ Str::limit($row->text, 40) }}” is"
                    id="fate-{{ $row->key }}">
                    {{ App\View\Options::of($fates, $row->fate->value) }}
                    @if ($row->isSaid)<option value="">as read before</option>@endif
                </select>
                <noscript><button class="button">Use this</button></noscript>
            </form>
            <span class="pt-2 {{ in_array($row->fate->value, ['note', 'chatter'], true) ? 'text-soft' : '' }}">{{ $row->text }}</span>
        </li>
    @endforeach
</ol>
