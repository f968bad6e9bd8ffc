<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Illuminate\Support\Facades\Log;

/** What somebody who looks after the site must be able to see afterwards. Never a password, a token or an address. */
final class SecurityLog
{
    private function __construct() {}

    /** @param  array<string, scalar>  $more */
    public static function of(string $what, ?User $user = null, array $more = []): void
    {
        Log::channel('security')->info($what, [
            ...$user === null ? [] : ['user' => $user->id, 'kitchen' => $user->kitchen_id],
            'ip' => (string) request()->ip(),
            ...$more,
        ]);
    }
}
