<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InviteRequest;
use App\Models\Kitchen;
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

        return redirect()->route('you')->with('link', Link::issue('invite', $user->kitchen, $user, $said['role']));
    }

    public function withdraw(Request $request, int $invitation): RedirectResponse
    {
        $user = $request->user();
        $user->kitchen->invitations()->whereKey($invitation)->delete();
        SecurityLog::of('invitation withdrawn', $user);

        return redirect()->route('you')->with('said', 'That invitation opens nothing any more.');
    }

    /** Somebody goes on in a kitchen of their own, which is empty. */
    public function part(Request $request): RedirectResponse
    {
        $user = $request->user();
        $kitchen = $user->kitchen;
        $other = $kitchen->users()->whereKey($request->integer('who'))->where('id', '!=', $user->id)->firstOrFail();
        if ($kitchen->founder()?->id === $other->id) {
            $request->validate(
                ['part_password' => ['required', 'current_password']],
                ['part_password.*' => 'This kitchen is theirs: type your own password to part from who founded it.'],
            );
        }
        // Of two who part from each other at the same moment one is first, and the other is no longer here.
        DB::transaction(static function () use ($kitchen, $user, $other): void {
            Kitchen::query()->whereKey($kitchen->id)->lockForUpdate()->firstOrFail();
            $both = User::query()->where('kitchen_id', $kitchen->id)->whereKey([$user->id, $other->id])->count();
            abort_unless($both === 2, 409, 'Somebody was there a moment before you. Look once more.');
            Leaving::part($other);
            // Whoever knows of an invitation could be back with it.
            Link::query()->where('kitchen_id', $kitchen->id)->where('purpose', 'invite')->delete();
        });
        SecurityLog::of('parted', $user, ['from' => $other->id]);

        return redirect()->route('you')->with('said', $other->email.' has a kitchen apart from yours now.');
    }
}
