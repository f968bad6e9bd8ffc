<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InviteRequest;
use App\Models\Link;
use App\Models\User;
use App\Support\Leaving;
use App\Support\SecurityLog;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Who keeps a kitchen together. */
final readonly class PeopleController
{
    public function invite(InviteRequest $request): RedirectResponse
    {
        $user = $request->user();
        $said = $request->validated();
        SecurityLog::of('invited', $user, ['role' => $said['role']]);

        return redirect()->route('you')->with('link', Link::issue('invite', $user->kitchen, null, $said['role']));
    }

    /** Somebody goes on in a kitchen of their own, which is empty. */
    public function part(Request $request): RedirectResponse
    {
        $user = $request->user();
        $other = User::query()
            ->where('kitchen_id', $user->kitchen_id)
            ->whereKey($request->integer('who'))
            ->where('id', '!=', $user->id)
            ->firstOrFail();
        DB::transaction(static fn () => Leaving::part($other));
        SecurityLog::of('parted', $user, ['from' => $other->id]);

        return redirect()->route('you')->with('said', $other->email.' has a kitchen apart from yours now.');
    }
}
