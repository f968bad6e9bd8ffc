<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ForgottenRequest;
use App\Mail\LinkMail;
use App\Mail\Notices;
use App\Models\Kitchen;
use App\Models\Link;
use App\Models\User;
use App\Rules\GoodPassword;
use App\Support\SecurityLog;
use App\Support\SignIns;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Mail;
use Illuminate\View\View;

/** What is done by a link that somebody was sent: a new password, a new address, joining a kitchen. */
final readonly class LinkController
{
    public function forgotten(): View
    {
        return view('forgotten');
    }

    /** The answer is the same whether there is such a kitchen or not. */
    public function send(ForgottenRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $user = User::query()->where('email', mb_strtolower($said['email']))->where('is_demo', false)->first();
        if ($user !== null) {
            Mail::to($user->email)->send(
                new LinkMail(
                    'A new password for your kitchen',
                    [
                        'Somebody asked for a new password for your kitchen on Aglyca.',
                        'If that was you, open this within an hour. If not, leave it: nothing has changed.',
                    ],
                    Link::issue('reset', $user->kitchen, $user),
                ),
            );
            SecurityLog::of('password reset asked', $user);
        }

        return redirect()
            ->route('forgotten')
            ->with('said', 'If there is a kitchen with that address, a mail with a link is on its way to it.');
    }

    public function show(string $token): View
    {
        $link = Link::of($token);

        return view('link', [
            'link' => $link,
            'token' => $token,
            'isSignedIn' => Auth::check(),
            'mayMove' => $this->mayMove(),
        ]);
    }

    public function use(Request $request, string $token): RedirectResponse
    {
        $link = Link::of($token);
        if ($link === null) {
            return redirect()->route('link', $token);
        }

        return match ($link->purpose) {
            'reset' => $this->reset($request, $link),
            'address' => $this->address($link),
            'invite' => $this->join($request, $link),
        };
    }

    private function reset(Request $request, Link $link): RedirectResponse
    {
        $user = $link->user ?? abort(404);
        $said = $request->validate(
            ['password' => ['required', 'string', new GoodPassword([$user->email, $link->kitchen->name])]],
            ['password.required' => 'Type the new password.'],
        );
        $link->use(static function () use ($user, $said): void {
            $user->update(['password' => $said['password']]);
            SignIns::endAll($user);
            Link::query()->where('user_id', $user->id)->delete();
        });
        SecurityLog::of('password reset', $user);
        Notices::passwordChanged($user);

        return redirect()->route('sign-in')->with('said', 'Your password is changed. Sign in with it.');
    }

    private function address(Link $link): RedirectResponse
    {
        $user = $link->user ?? abort(404);
        if (User::query()->where('email', $link->says)->exists()) {
            return redirect()->route('sign-in')->with(
                'said',
                'That address belongs to another kitchen by now. Nothing was changed.',
            );
        }
        $old = $user->email;
        $isDone = $link->use(static fn (Link $l) => $user->update(['email' => $l->says]));
        if ($isDone) {
            Notices::addressChanged($old);
            SecurityLog::of('address changed', $user);
        }

        return redirect(Auth::check() ? '/you' : '/sign-in')->with(
            'said',
            'From now on you sign in with '.$link->says.'.',
        );
    }

    /** Who is not signed in opens a sign-in of their own; who has an empty kitchen moves. */
    private function join(Request $request, Link $link): RedirectResponse
    {
        $user = $request->user();
        if ($user === null) {
            $request->merge(['email' => mb_strtolower((string) $request->string('email'))]);
            $said = $request->validate(
                [
                    'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
                    'password' => [
                        'required',
                        'string',
                        new GoodPassword([(string) $request->string('email'), $link->kitchen->name]),
                    ],
                ],
                [
                    'email.unique' => 'There is a kitchen with this address already. Sign in with it first, then open the link again.',
                    'email.*' => 'Type an e-mail address such as name@example.org.',
                    'password.required' => 'Type a password.',
                ],
            );
            $isIn = $link->use(static function (Link $l) use ($said): void {
                Auth::login(
                    User::query()->create([
                        'kitchen_id' => $l->kitchen_id,
                        'email' => $said['email'],
                        'password' => $said['password'],
                        'is_demo' => false,
                        'role' => $l->says,
                    ]),
                );
            });
        } else {
            abort_unless(
                $this->mayMove(),
                403,
                'You have a kitchen of your own with something in it. Sign out, and join with another address.',
            );
            $old = $user->kitchen;
            $isIn = $link->use(static function (Link $l) use ($user, $old): void {
                $user->update(['kitchen_id' => $l->kitchen_id, 'role' => $l->says]);
                Kitchen::query()->whereKey($old->id)->delete();
            });
        }
        $request->session()->regenerate(true);
        SecurityLog::of('joined a kitchen', Auth::user());

        return $isIn
            ? redirect()->route('shelf')->with('said', 'You are in '.$link->kitchen->name.'.')
            : redirect()->route('sign-in')->with('said', 'This link was used already.');
    }

    private function mayMove(): bool
    {
        $user = Auth::user();

        return $user !== null &&
            ! $user->is_demo &&
            $user->kitchen->isEmpty() &&
            $user->kitchen->users()->count() === 1;
    }
}
