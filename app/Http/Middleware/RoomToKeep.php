<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A database whose disk is full stops in the middle of taking back a change and goes down. While there is still room
 * for that, nothing more is taken in; what stands is read, and whoever looks after the machine can make room.
 */
final class RoomToKeep
{
    private const ALWAYS = ['sign-in', 'sign-out'];

    public function handle(Request $request, Closure $next): Response
    {
        return $request->isMethodSafe() || $request->is(...self::ALWAYS) || $this->hasRoom()
            ? $next($request)
            : response()->view('errors.503', ['isFull' => true], 503, ['Retry-After' => '60']);
    }

    private function hasRoom(): bool
    {
        foreach (array_unique([storage_path(), (string) config('aglyca.disk')]) as $folder) {
            $free = @disk_free_space($folder);
            // What cannot be looked at may be full.
            if ($free === false || $free < config('aglyca.reserve')) {
                return false;
            }
        }

        return true;
    }
}
