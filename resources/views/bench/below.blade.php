<details class="tray mt-4 p-4" id="differences" data-lazy="differences" @if ($page->isOpen('differences')) open @endif>
    <summary class="cursor-pointer font-serif text-xl">How it will differ, figure by figure</summary>
    @if ($page->draws('differences')) @include('bench.differences') @else {{ $page->rest('differences') }} @endif
</details>
<section class="tray mt-4 px-4 pt-3 pb-4" id="ladder" data-lazy="ladder" aria-label="The ladder: what carries the carbs of a piece">
    <h2 class="text-xl">What carries the carbs</h2>
    @if ($page->draws('ladder')) @include('bench.ladder') @else {{ $page->rest('ladder') }} @endif
</section>

@if ($page->conversion->warnings !== [])
    <section class="mt-4" aria-label="Warnings">
        <h2 class="text-xl">Warnings</h2>
        <ul class="mt-1 max-w-[80ch] list-disc pl-5">
            @foreach ($page->conversion->warnings as $warning)<li>{{ $warning->sentence }}</li>@endforeach
        </ul>
    </section>
@endif
