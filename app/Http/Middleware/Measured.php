<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** For the benchmark and the attack alone: what a request cost, as headers. */
final class Measured
{
    public function handle(Request $request, Closure $next): Response
    {
        memory_reset_peak_usage();
        $before = getrusage() ?: [];
        $response = $next($request);
        $after = getrusage() ?: [];
        $response->headers->set(
            'X-Cpu',
            json_encode([
                $before['ru_utime.tv_sec'] ?? 0,
                $before['ru_utime.tv_usec'] ?? 0,
                $after['ru_utime.tv_sec'] ?? 0,
                $after['ru_utime.tv_usec'] ?? 0,
            ]) ?:
            '',
        );
        $response->headers->set('X-Memory', (string) memory_get_peak_usage());

        return $response;
    }
}
