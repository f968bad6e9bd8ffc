<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that is sent twice, by two touches or by a browser that tries again, is one: the second is led to what the
 * first made.
 */
final class Once
{
    public const FIELD = '_once';

    /** Seconds for which a form is remembered, and for which a second waits for the first (our own choice). */
    private const REMEMBERED = 3600;

    private const WAITS = 10;

    public function handle(Request $request, Closure $next): Response
    {
        $said = $request->input(self::FIELD);
        if (! $request->isMethod('POST') || ! is_string($said) || preg_match('~^\w{20}$~', $said) !== 1) {
            return $next($request);
        }
        $key = 'once:'.hash('sha256', ($request->user()->id ?? $request->session()->getId()).$said);

        return Cache::lock("$key:lock", 30)->block(self::WAITS, function () use ($request, $next, $key): Response {
            $made = Cache::get($key);
            if (is_string($made)) {
                return redirect($made);
            }
            $response = $next($request);
            // What was refused may be sent again.
            if ($response instanceof RedirectResponse && ! $request->session()->has('errors')) {
                Cache::put($key, $response->getTargetUrl(), self::REMEMBERED);
            }

            return $response;
        });
    }
}
