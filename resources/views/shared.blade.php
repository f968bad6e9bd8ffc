<x-message-page :title="$card->title()">
    <div class="tray card-frame">@include('card')</div>
    <p class="no-print mt-4 text-[15px] text-soft">Shared from a kitchen on Aglyca, which converts desserts to low-carb ones. <a href="/">Bring a dessert of your own</a></p>
</x-message-page>
