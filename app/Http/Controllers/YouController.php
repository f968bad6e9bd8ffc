<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddressRequest;
use App\Http\Requests\LeaveRequest;
use App\Http\Requests\PasswordRequest;
use App\Mail\LinkMail;
use App\Mail\Notices;
use App\Models\Link;
use App\Models\User;
use App\Support\Leaving;
use App\Support\SecurityLog;
use App\Support\SignIns;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Mail;
use Illuminate\View\View;

/** One's own sign-in: its password, its address, where it is open, and leaving. */
final readonly class YouController
{
    public function show(Request $request): View
    {
        $user = $request->user();

        return view('you', [
            'user' => $user,
            'kitchen' => $user->kitchen,
            'signIns' => SignIns::of($user),
            'here' => SignIns::name($request->session()->getId()),
            'people' => $user->kitchen->users()->whereNull('closed_at')->orderBy('id')->get(),
        ]);
    }

    public function password(PasswordRequest $request): RedirectResponse
    {
        $user = $this->own($request);
        $said = $request->validated();
        $user->update(['password' => $said['password']]);
        SignIns::endOthers($user, $request->session()->getId());
        Link::query()->where('user_id', $user->id)->delete();
        // The session goes on under another name, and the old name opens nothing any more.
        $request->session()->regenerate(true);
        SecurityLog::of('password changed', $user);
        Notices::passwordChanged($user);

        return redirect()
            ->route('you')
            ->with('said', 'Your password is changed, and every other device is signed out.');
    }

    /** The address changes when the link that is sent to the new one is opened. */
    public function address(AddressRequest $request): RedirectResponse
    {
        $user = $this->own($request);
        $said = $request->validated();
        // Whether another has the address is told to nobody but its owner.
        if (User::query()->where('email', $said['email'])->doesntExist()) {
            Mail::to($said['email'])->send(
                new LinkMail(
                    'Your new address for Aglyca',
                    [
                        'Somebody who is signed in to a kitchen on Aglyca gave this address as theirs.',
                        'If that is you, open this within a day:',
                    ],
                    Link::issue('address', $user->kitchen, $user, $said['email']),
                ),
            );
        }
        SecurityLog::of('address change asked', $user);

        return redirect()
            ->route('you')
            ->with('said', 'A mail is on its way to the new address. It counts once you open the link in it.');
    }

    public function endOne(Request $request): RedirectResponse
    {
        SignIns::end($this->own($request), (string) $request->string('which'));

        return redirect()->route('you')->with('said', 'That device is signed out.');
    }

    public function endOthers(Request $request): RedirectResponse
    {
        $user = $this->own($request);
        SignIns::endOthers($user, $request->session()->getId());
        SecurityLog::of('other devices signed out', $user);

        return redirect()->route('you')->with('said', 'Every other device is signed out.');
    }

    public function leave(LeaveRequest $request): RedirectResponse
    {
        $user = $this->own($request);
        Leaving::close($user);
        SecurityLog::of('account closed', $user);
        Auth::guard('web')->logout();
        $request->session()->invalidate();

        return redirect()->route('start')
            ->with(
                'said',
                'Your kitchen is closed. For '.
                    Leaving::DAYS.
                    ' days you can bring it back by signing in; then it is removed for good.',
            )
            ->withHeaders(['Clear-Site-Data' => '"cache", "storage"']);
    }

    private function own(Request $request): User
    {
        $user = $request->user();
        abort_if($user->is_demo, 403, 'This is the demo kitchen: nobody owns it. Open a kitchen of your own.');

        return $user;
    }
}
