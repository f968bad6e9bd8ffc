<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Figures;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Numbers are written as the kitchen of who is signed in writes them. */
final class KitchensWay
{
    public function handle(Request $request, Closure $next): Response
    {
        $kitchen = $request->user()?->kitchen;
        Figures::write($kitchen?->decimals === ',');
        Figures::weighTenths($kitchen?->scale === '0.1');

        return $next($request);
    }
}
