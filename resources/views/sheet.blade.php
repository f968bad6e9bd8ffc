<x-page :title="$page->title()" here="bench">
    @include("sheets.$name")
    <datalist id="foods">
        {{ App\View\Options::found($page->kernel->catalogue->foodNames()) }}
    </datalist>
</x-page>
