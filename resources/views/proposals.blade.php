<x-page title="Other ways" here="bench" :wide="false">
    <p><a href="{{ $dessert->path('bench') }}">Back to the Bench</a></p>
    <h1 class="mt-1 text-4xl text-cobalt">Other ways</h1>
    @include('bench.proposals')
</x-page>
