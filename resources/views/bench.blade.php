<x-page :title="$page->title()" here="bench">
    @include('bench.tray')
    <datalist id="foods">
        @foreach ($page->workshop->larder->names() as $name)<option value="{{ $name }}"></option>@endforeach
    </datalist>
</x-page>
