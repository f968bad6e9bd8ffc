<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * An answer says how long it is: one that was cut short is no answer, and a whole one is drawn without waiting for the
 * server to have put its things away.
 */
final class StatedLength
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $content = $response->getContent();
        if (is_string($content) && ! $response->isEmpty() && ! $request->isMethod('HEAD')) {
            $response->headers->set('Content-Length', (string) strlen($content));
        }

        return $response;
    }
}
