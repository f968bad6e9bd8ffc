<x-page title="Open a kitchen" here="sign-in" :wide="false">
    <h1 class="text-4xl text-cobalt">Open a kitchen</h1>
    @if ($draft)<p class="mt-2">“{{ $draft->title }}” is the first on its Shelf.</p>@endif
    <form method="post" action="/sign-up" class="mt-5 grid max-w-md gap-4">
        @csrf
        <x-entry name="kitchen" label="What is your kitchen called?" value="My kitchen" required/>
        <x-entry name="email" label="E-mail address" type="email" autocomplete="username" required/>
        <x-entry name="password" label="Password" type="password" autocomplete="new-password"
            hint="At least 12 characters; four words that have nothing to do with each other are good." required/>
        <div class="flex flex-wrap items-center gap-5"><button class="button button-main">Open it</button><a href="/sign-in">I have one already</a></div>
    </form>
</x-page>
