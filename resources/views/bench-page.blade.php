<x-page title="One query" :wide="false"><p>{{ $one->recipes }}</p></x-page>
