@foreach ($page->conversion->swap->collisions() as $binding)
    <div class="mt-3 flex flex-wrap items-center gap-x-4 rounded-md border-2 border-fault bg-white px-4 py-1" role="alert">
        <p class="py-2"><strong>{{ $binding->name }}</strong> and the sweetness that you wish cannot both be kept{{ $binding->row === 'carbs' ? ', within your limit' : '' }}.</p>
        @if ($binding->pieces !== null && $binding->pieces > $page->conversion->before->formula->pieces)
            <x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" swap="outerHTML"><button class="link-button font-semibold" name="pieces"
                value="{{ App\View\Figures::whole($binding->pieces) }}">Cut {{ App\View\Figures::whole($binding->pieces) }} pieces</button></x-live-form>
        @endif
        @if ($page->conversion->brief->wishes->sweetness > 0.6)
            <x-live-form to="{{ $page->path('bench/wishes') }}" into="#bench" swap="outerHTML"><button class="link-button font-semibold"
                name="sweetness" value="60">Ask for less sweetness</button></x-live-form>
        @endif
    </div>
@endforeach
