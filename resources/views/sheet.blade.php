<x-page :title="$page->title()" here="bench">
    @include("sheets.$name")
    <datalist id="foods">
        @foreach ($page->workshop->larder->names() as $food)<option value="{{ $food }}"></option>@endforeach
    </datalist>
</x-page>
