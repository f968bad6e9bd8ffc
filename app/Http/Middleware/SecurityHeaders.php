<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Stands before all else, so that also what is refused carries them. */
final class SecurityHeaders
{
    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => self::POLICY,
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);
        if ($request->isSecure() && config('aglyca.hsts') > 0) {
            $response->headers->set('Strict-Transport-Security', 'max-age='.config('aglyca.hsts'));
        }
        // A page of somebody's kitchen stays in no cache; the Counter's own page keeps itself, in its worker.
        if ($request->hasSession() && $request->user() !== null && ! $request->routeIs('photo.show')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
