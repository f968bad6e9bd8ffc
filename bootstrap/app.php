<?php

declare(strict_types=1);

use App\Http\Middleware\OnlyReading;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: static fn () => config('app.bench') ? Route::group([], base_path('routes/bench.php')) : null,
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // Only the nginx of `./aglyca start --lan`, on this machine, may speak for others.
        $middleware->trustProxies(at: '127.0.0.1');
        $middleware->append(SecurityHeaders::class);
        $middleware->prepend(PlainInput::class);
        $middleware->web(append: [OnlyReading::class]);
        $middleware->trimStrings(except: ['text', 'password', 'password_confirmation', 'current_password', 'address_password', 'leave_password']);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/shelf');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A page left open overnight loses its token: hand out a new one and keep what was typed.
        $exceptions->render(function (HttpException $e, Request $request): ?Response {
            if ($e->getStatusCode() !== 419) {
                return null;
            }
            if ($request->hasHeader('HX-Request')) {
                return response('', 419, ['HX-Refresh' => 'true']);
            }

            return redirect()->back()->withInput($request->except(['password', 'password_confirmation', 'current_password', 'address_password', 'leave_password', '_token']))
                ->withErrors(['text' => 'This page had been open for a long time. What you typed is still here: send it once more.']);
        });
        $exceptions->render(fn (PostTooLargeException $e): Response => response()->view('errors.413', [], 413));
    })
    ->create();
