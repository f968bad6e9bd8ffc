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
</details>
