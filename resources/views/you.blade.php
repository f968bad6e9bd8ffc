<x-page title="You" here="kitchen" :wide="false">
    <h1 class="text-4xl text-cobalt">You in {{ $kitchen->name }}</h1>
    @if ($user->is_demo)
        <p class="mt-3 text-lg">You are looking around in a demo kitchen. It is yours alone, and is swept away after a day. <a href="/sign-up">Open a kitchen of your own</a> after signing out.</p>
    @endif
    <p class="mt-3">Signed in as <strong>{{ $user->is_demo ? 'a visitor' : $user->email }}</strong>{{ $user->role === App\Models\User::READER ? ', who reads and changes nothing' : '' }}.</p>

    <h2 class="mt-8 text-2xl">Where you are signed in</h2>
    <ul class="mt-1">
        @foreach ($signIns as $one)
            <li class="flex flex-wrap items-center justify-between gap-x-4 border-t border-line py-2"><span>{{ $one['device'] }}, {{ $one['at']->setTimezone($kitchen->zone)->format('j F, H:i') }}@if ($one['ip'] !== ''), from {{ $one['ip'] }}@endif</span>
                @if ($one['id'] === $here)<span class="text-soft">this one</span>@elseif (! $user->is_demo)<form method="post"
                    action="/you/sign-ins">@csrf<button class="link-button" name="which" value="{{ $one['id'] }}">Sign it out</button></form>@endif
            </li>
        @endforeach
    </ul>
    <div class="mt-2 flex flex-wrap gap-3">
        <form method="post" action="/sign-out">@csrf<button class="button">Sign out here</button></form>
        @unless ($user->is_demo)<form method="post"
            action="/you/sign-ins/others">@csrf<button class="button">Sign out every other device</button></form>@endunless
    </div>
    @unless ($user->is_demo)

        <h2 class="mt-10 text-2xl">Password</h2>
        <form method="post" action="/you/password" class="mt-3 grid max-w-md gap-4">
            @csrf
            <x-entry name="current_password" label="Password now" type="password" autocomplete="current-password"/>
            <x-entry name="password" label="New password" type="password" autocomplete="new-password"
                hint="At least 12 characters. Every other device is signed out."/>
            <button class="button justify-self-start">Change the password</button>
        </form>

        <h2 class="mt-10 text-2xl">Address</h2>
        <form method="post" action="/you/address" class="mt-3 grid max-w-md gap-4">
            @csrf
            <x-entry name="email" label="New e-mail address" type="email" autocomplete="email"
                hint="A link is sent to it; the address counts once you open it."/>
            <x-entry name="address_password" label="Your password" type="password" autocomplete="current-password"/>
            <button class="button justify-self-start">Send the link</button>
        </form>
        @if (config('mail.default') === 'folder')<p class="mt-2 text-soft">This machine sends no mail. <a href="/mail">What would be sent</a> is kept here.</p>@endif

        <h2 class="mt-10 text-2xl">Who keeps this kitchen</h2>
        <ul class="mt-1">
            @foreach ($people as $one)
                <li class="flex flex-wrap items-center justify-between gap-x-4 border-t border-line py-2"><span>{{ $one->email }}, {{ App\Models\User::ROLES[$one->role] }}</span>
                    @if ($one->id === $user->id)<span class="text-soft">you</span>@elseif ($user->role === App\Models\User::BAKER)<form method="post"
                        action="/you/part" class="flex flex-wrap items-center gap-2">@csrf @if ($user->kitchen->founder()?->id === $one->id)<label class="text-[15px]" for="part_password">founded it; your password</label><input class="field w-40"
                        type="password" id="part_password" name="part_password" autocomplete="current-password">@endif<button class="link-button" name="who" value="{{ $one->id }}">Part from them</button></form>@endif
                </li>
            @endforeach
        </ul>
        @if (session('link'))
            <p class="mt-3 border-l-4 border-here pl-3"
                role="status">Give this link to one person. It works once, within a week, and is not shown again:<br><code class="break-all select-all">{{ session('link') }}</code></p>
        @endif
        @error('part_password')<p class="fault" role="alert">{{ $message }}</p>@enderror
        @if ($user->role === App\Models\User::BAKER)
            @foreach ($user->kitchen->invitations as $invitation)
                <form method="post" action="/you/invitations/{{ $invitation->id }}/withdraw" class="flex flex-wrap items-center justify-between gap-x-4 border-t border-line">@csrf<span>Invitation for somebody who {{ App\Models\User::ROLES[$invitation->says] ?? '' }}, until {{ $invitation->good_until->format('j F, H:i') }}{{ $invitation->user ? ', by '.$invitation->user->email : '' }}</span><button
                    class="link-button">Withdraw it</button></form>
            @endforeach
            <form method="post" action="/you/invite" class="mt-3 flex flex-wrap items-end gap-3">
                @csrf
                <div><label class="label" for="role">Somebody else who</label><select class="field" id="role"
                    name="role">@foreach (App\Models\User::ROLES as $key => $name)<option value="{{ $key }}">{{ $name }}</option>@endforeach</select></div>
                <button class="button">Make a link for them</button>
            </form>
        @endif
    @endunless

    <h2 class="mt-10 text-2xl">A copy of everything</h2>
    <p class="mt-1">All desserts with their versions, bakes, pictures, packages, days and curves in one ZIP of open formats, to keep or to take elsewhere.</p>
    <p class="mt-2"><a class="button inline-block" href="/you/kitchen.zip">Take a copy</a></p>
    @if ($user->role === App\Models\User::BAKER && $kitchen->isEmpty())
        <form method="post" action="/you/kitchen" enctype="multipart/form-data" class="mt-4 grid max-w-md gap-2">
            @csrf
            <label class="label" for="copy">Bring a copy into this empty kitchen</label>
            <input class="field file:mr-3 file:font-semibold file:text-cobalt" type="file" id="copy" name="copy" accept=".zip">
            @error('copy')<p class="fault" role="alert">{{ $message }}</p>@enderror
            <button class="button justify-self-start">Bring it in</button>
        </form>
    @endif

    @unless ($user->is_demo)
        <h2 class="mt-10 text-2xl">Leave</h2>
        <p class="mt-1">Nothing of it is seen by anybody from that moment. For {{ App\Support\Leaving::DAYS }} days signing in brings it back; then it is removed for good.@if ($people->count() > 1) The kitchen stays with the others.@endif</p>
        <form method="post" action="/you/leave" class="mt-3 grid max-w-md gap-4">
            @csrf
            <x-entry name="leave_password" label="Your password" type="password" autocomplete="current-password"/>
            <button class="button justify-self-start">Leave Aglyca</button>
        </form>
    @endunless
</x-page>
