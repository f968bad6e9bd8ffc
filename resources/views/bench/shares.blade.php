@php
    $catalogue = $page->kernel->catalogue;
    $blendable = array_intersect_key($catalogue->foodNames(), array_flip($catalogue->blendable()));
@endphp
<div>
@foreach ($page->triangle()['corners'] ?? [] as $corner)
    <div class="mt-1 grid grid-cols-[minmax(0,1fr)_5.5rem] gap-2">
        <select class="field" name="corners[]" aria-label="Corner {{ $loop->iteration }}"
            x-on:change.stop>{{ App\View\Options::of($blendable, $page->typed("corners.{$loop->index}", $corner['key'])) }}</select>
        <input class="field figure" name="shares[]" inputmode="decimal" value="{{ $page->typed("shares.{$loop->index}", $corner['share']) }}"
            aria-label="{{ $corner['name'] }}, per cent of the sweetness" x-on:change.stop>
    </div>
@endforeach
<button class="button mt-2">Use this blend</button>
</div>
