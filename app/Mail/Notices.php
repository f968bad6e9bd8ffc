<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;
use Illuminate\Support\Facades\Mail;

/** What the owner of a sign-in is told of it afterwards, so that a stranger's hand does not go unseen. */
final class Notices
{
    private function __construct() {}

    public static function passwordChanged(User $user): void
    {
        if ($user->is_demo) {
            return;
        }
        Mail::to($user->email)->send(
            new LinkMail(
                'Your password for Aglyca has changed',
                [
                    'The password of your kitchen was changed just now, and every other device was signed out.',
                    'If that was not you, ask for a new password here at once:',
                ],
                url('/sign-in/forgotten'),
            ),
        );
    }

    public static function addressChanged(string $old): void
    {
        Mail::to($old)->send(
            new LinkMail(
                'Your address for Aglyca has changed',
                [
                    'Your kitchen is signed in to with another address from now on.',
                    'If that was not you, ask for a new password here at once:',
                ],
                url('/sign-in/forgotten'),
            ),
        );
    }
}
