@foreach ($sentences as $sentence)
{!! $sentence !!}

@endforeach
{!! $link !!}

Aglyca
