<x-live-form to="{{ $page->path('bench/counts') }}" into="#bench" class="mt-3 flex flex-wrap items-center gap-x-4 border-l-4 border-here bg-white px-3">
    <span class="font-semibold">How do you count carbs?</span>
    @foreach (app(App\View\Conventions::class)->asked() as $key => $words)<button class="link-button" name="convention" value="{{ $key }}">{{ $words }}</button>@endforeach
</x-live-form>
