<details>
    <summary class="py-2 text-cobalt underline underline-offset-3">The method for what is in the bowl</summary>
    <ol class="grid gap-3 pb-3">
        @foreach ($page->conversion->steps as $step)
            <li class="{{ $step->isAdded() ? 'border-l-4 border-here bg-[#fdf6da] px-3 py-2' : 'border-l-4 border-line pl-3' }}">
                {{ App\View\StepHtml::of($step) }}
                @if ($step->uses !== [])<p class="mt-1 text-[15px] text-soft">{{ App\View\StepHtml::uses($step) }}</p>@endif
            </li>
        @endforeach
    </ol>
    @php $remedies = collect($page->kernel->remedies($page->conversion))->groupBy('label'); $family = $page->conversion->swap->family(); @endphp
    <p class="mb-2"><strong>Done when:</strong> {{ $family->doneness }}. <strong>Cooling:</strong> {{ $family->cooling }}. <strong>Keeps:</strong> {{ $family->keeping }}.</p>
    <details class="mb-2">
        <summary class="py-2 text-cobalt underline underline-offset-3">If the mix is not right</summary>
        <dl class="grid gap-x-5 gap-y-1 sm:grid-cols-[11rem_minmax(0,1fr)]">
            @foreach ($remedies as $label => $ones)<dt class="font-semibold">{{ $label }}</dt><dd>@foreach ($ones as $one){{ $one->text }} @endforeach</dd>@endforeach
        </dl>
    </details>
</details>
