<x-page title="Forgotten the password" here="sign-in" :wide="false">
    <h1 class="text-4xl text-cobalt">Forgotten the password?</h1>
    <p class="mt-2">A link to set a new one is sent to the address of your kitchen.@if (config('mail.default') === 'folder') This machine sends no mail: <a href="/mail">what would be sent</a> is kept here.@endif</p>
    <form method="post" action="/sign-in/forgotten" class="mt-5 grid max-w-md gap-4">
        @csrf
        <x-entry name="email" label="E-mail address" type="email" autocomplete="username" required/>
        <button class="button button-main justify-self-start">Send the link</button>
    </form>
</x-page>
