<x-page :title="$page->title()" here="bench">
    @include("sheets.$name")
    <datalist id="foods">
        @foreach ($page->kernel->catalogue->foodNames() as $food)<option value="{{ $food }}"></option>@endforeach
    </datalist>
</x-page>
