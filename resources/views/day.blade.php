<x-page :title="'Day, '.$page->title()" here="day">
    @include('day.tray')
</x-page>
