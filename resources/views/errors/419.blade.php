<x-message title="The page was open for long" :has-work="! ($isSecret ?? true)">
    @if ($isSecret ?? true)
        Go back, open the page anew and send it once more.
        @isset($back)<a href="{{ $back }}">Open it anew</a>@endisset
    @else
        What you typed is still here. Nothing was changed yet.
        <form method="post" action="{{ $to }}" class="mt-4">
            @csrf
            @foreach ($fields as $name => $value)
                @if (mb_strlen($value) > 60)
                    <textarea name="{{ $name }}" rows="10" class="field w-full" aria-label="What you typed">{{ $value }}</textarea>
                @else
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endif
            @endforeach
            <button class="button button-main mt-3">Send it now</button>
        </form>
    @endif
</x-message>
