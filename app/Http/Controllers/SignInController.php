<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Support\Address;
use App\Support\DemoKitchen;
use App\Support\Draft;
use App\Support\Leaving;
use App\Support\SecurityLog;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

final readonly class SignInController
{
    public function __construct(private Draft $draft) {}

    public function show(): View
    {
        return view('sign-in', ['draft' => $this->draft->brief()]);
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $isBack = $request->boolean('back');
        // The framework takes the same time for an address that it knows and one that it does not.
        $isIn = Auth::attempt(
            ['email' => Address::plain($said['email']), 'password' => $said['password'], 'is_demo' => false],
            true,
        );
        $user = Auth::user();
        if (! $isIn || $user === null) {
            SecurityLog::of('sign-in refused');

            return back()
                ->withInput(['email' => $said['email']])
                ->withErrors(['email' => 'No kitchen has this address with this password. Check both.']);
        }
        if ($user->closed_at !== null && ! $isBack) {
            Auth::logout();

            return back()
                ->withInput(['email' => $said['email']])
                ->withErrors([
                    'back' => 'You left on '.
                        $user->closed_at->format('j F').
                        '. Everything is removed for good on '.
                        $user->closed_at->addDays(Leaving::DAYS)->format('j F').
                        '.',
                ]);
        }
        if ($user->closed_at !== null) {
            Leaving::comeBack($user);
        }
        SecurityLog::of('signed in', $user);

        return $this->enter($request);
    }

    public function demo(Request $request): RedirectResponse
    {
        abort_unless((bool) config('aglyca.demo'), 404);
        Auth::login(DemoKitchen::ofOnesOwn());

        return $this->enter($request);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What the Counter kept for baking without network goes with the session.
        return redirect()->route('start')
            ->with('said', 'You are signed out.')
            ->withHeaders(['Clear-Site-Data' => '"cache", "storage"']);
    }

    /** What was pasted before signing in is on the Bench straight after. */
    private function enter(Request $request): RedirectResponse
    {
        $request->session()->regenerate(true);
        $recipe = $this->draft->claimFor($request->user()->kitchen);

        return $recipe === null
            ? redirect()->intended('/shelf')
            : redirect()->route('bench.show', $recipe->ulid)->with('said', 'Kept on your Shelf.');
    }
}
