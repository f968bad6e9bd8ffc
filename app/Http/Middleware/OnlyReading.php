<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who is in a kitchen as a reader changes nothing in it, but may look after their own sign-in. */
final class OnlyReading
{
    private const OWN = ['sign-out', 'you', 'you/*', 'link/*'];

    public function handle(Request $request, Closure $next): Response
    {
        $isReader = $request->user()?->role === User::READER;
        abort_if(
            $isReader && ! $request->isMethodSafe() && ! $request->is(...self::OWN),
            403,
            'You are a reader in this kitchen. Ask its baker to change this.',
        );
        abort_if($isReader && $request->is('you/invite', 'you/part'), 403, 'Only a baker of this kitchen can do that.');

        return $next($request);
    }
}
