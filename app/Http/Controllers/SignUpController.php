<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignUpRequest;
use App\Models\Kitchen;
use App\Models\User;
use App\Support\Draft;
use Illuminate\Http\RedirectResponse;
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

    public function store(SignUpRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $counts = $request->session()->get('counts');
        $user = DB::transaction(
            fn (): User => User::query()->create([
                'kitchen_id' => Kitchen::query()->create([
                    'name' => $said['kitchen'],
                    'convention' => $counts ?? 'low-carb',
                    'counts_said_at' => $counts === null ? null : now(),
                ])->id,
                'email' => $said['email'],
                'password' => $said['password'],
                'is_demo' => false,
            ]),
        );
        Auth::login($user, true);
        $request->session()->regenerate();
        $recipe = $this->draft->claimFor($user->kitchen);

        return $recipe === null
            ? redirect()->route('shelf')
            : redirect()->route('bench.show', $recipe->ulid)->with('said', 'Your kitchen is open, and this dessert is on its Shelf.');
    }
}
