<x-page title="Sign in" here="sign-in" :wide="false">
    <h1 class="text-4xl text-cobalt">Sign in</h1>
    @if ($draft)<p class="mt-2">“{{ $draft->title }}” is kept on your Shelf as soon as you are in.</p>@endif
    <form method="post" action="/sign-in" class="mt-5 grid max-w-md gap-4">
        @csrf
        <x-entry name="email" label="E-mail address" type="email" autocomplete="username" required/>
        <x-entry name="password" label="Password" type="password" autocomplete="current-password" required/>
        @error('back')<p class="fault"
            role="alert">{{ $message }}</p><label class="flex min-h-[44px] items-center gap-3"><input class="h-6 w-6 accent-cobalt" type="checkbox"
            name="back" value="1"> Bring everything back as it was</label>@enderror
        @error('text')<p class="fault" role="alert">{{ $message }}</p>@enderror
        <div class="flex flex-wrap items-center gap-5"><button class="button button-main">Sign in</button><a href="/sign-up">Open a kitchen</a><a href="/sign-in/forgotten">Forgotten the password?</a></div>
    </form>
    @if (config('aglyca.demo'))
        <form method="post" action="/demo"
            class="mt-8 border-t border-line pt-5">@csrf<button class="button">Look around in the demo kitchen</button></form>
    @endif
</x-page>
