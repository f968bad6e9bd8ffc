<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Kitchen;
use App\Models\User;
use App\Rules\GoodPassword;
use App\Support\Draft;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

final readonly class SignUpController
{
    public function __construct(private Draft $draft) {}

    public function show(): View
    {
        return view('sign-up', ['draft' => $this->draft->brief()]);
    }

    public function store(Request $request): RedirectResponse
    {
        $request->merge(['email' => mb_strtolower((string) $request->string('email'))]);
        $said = $request->validate(
            [
                'kitchen' => ['required', 'string', 'max:80'],
                'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
                'password' => [
                    'required',
                    'string',
                    new GoodPassword([(string) $request->string('email'), (string) $request->string('kitchen')]),
                ],
            ],
            [
                'kitchen.*' => 'Give your kitchen a name of up to 80 characters.',
                'email.unique' => 'There is a kitchen with this address already. Sign in instead.',
                'email.*' => 'Type an e-mail address such as name@example.org.',
                'password.required' => 'Type a password.',
            ],
        );
        $user = DB::transaction(
            fn (): User => User::query()->create([
                'kitchen_id' => Kitchen::query()->create(['name' => $said['kitchen'], 'convention' => 'low-carb'])->id,
                'email' => $said['email'],
                'password' => $said['password'],
                'is_demo' => false,
            ]),
        );
        Auth::login($user, true);
        $request->session()->regenerate();
        $recipe = $this->draft->claimFor($user->kitchen);

        return $recipe === null
            ? redirect('/shelf')
            : redirect("/bench/$recipe->ulid")->with('said', 'Your kitchen is open, and this dessert is on its Shelf.');
    }
}
