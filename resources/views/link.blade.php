<x-page title="Your link" :wide="false">
    @if ($link === null)
        <h1 class="text-4xl text-cobalt">This link is over</h1>
        <p class="mt-3 text-lg">It was used already, or it is too old. <a href="/sign-in/forgotten">Ask for a new one</a>, or ask whoever sent it.</p>
    @else
        @php $isJoin = $link->purpose === 'invite'; @endphp
        <h1 class="text-4xl text-cobalt">{{ ['reset' => 'A new password', 'address' => 'Your new address', 'invite' => 'Into '.$link->kitchen->name][$link->purpose] }}</h1>
        <form method="post" action="/link/{{ $token }}" class="mt-5 grid max-w-md gap-4">
            @csrf
            @if ($link->purpose === 'address')<p class="text-lg">From now on you sign in with {{ $link->says }}.</p>@endif
            @if ($isJoin)<p class="text-lg">You would be somebody who {{ App\Models\User::ROLES[$link->says] ?? '' }}.</p>@endif
            @if ($isJoin && $isSignedIn && ! $mayMove)
                <p class="fault">You are signed in to a kitchen with something in it. Sign out first, and join with another address.</p>
            @else
                @if ($isJoin && ! $isSignedIn)<x-entry name="email" label="Your e-mail address" type="email" autocomplete="username" required/>@endif
                @if ($link->purpose === 'reset' || ($isJoin && ! $isSignedIn))<x-entry name="password"
                    label="{{ $isJoin ? 'Password' : 'New password' }}" type="password" autocomplete="new-password" hint="At least 12 characters."
                    required/>@endif
                <button class="button button-main justify-self-start">{{ ['reset' => 'Set it', 'address' => 'Use this address', 'invite' => 'Come in'][$link->purpose] }}</button>
            @endif
        </form>
    @endif
</x-page>
