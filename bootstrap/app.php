<?php

declare(strict_types=1);

use Aglyca\Core\Reading\UnreadableRecipe;
use App\Http\Middleware\KitchensWay;
use App\Http\Middleware\Measured;
use App\Http\Middleware\Once;
use App\Http\Middleware\OnlyReading;
use App\Http\Middleware\PatientSession;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\RoomToKeep;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StatedLength;
use App\Support\Dessert;
use App\Support\SentAgain;
use App\Support\Trouble;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: static fn () => config('aglyca.bench') ? Route::group([], base_path('routes/bench.php')) : null,
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // Only the nginx of `./aglyca start --lan`, on this machine, may speak for others.
        $middleware->trustProxies(
            at: '127.0.0.1',
            headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_HOST | Request::HEADER_X_FORWARDED_PORT |
                Request::HEADER_X_FORWARDED_PROTO,
        );
        $measured = getenv('AGLYCA_BENCH') === '1' ? [Measured::class] : [];
        $middleware->prepend([StatedLength::class, SecurityHeaders::class, ...$measured, PlainInput::class]);
        $middleware->web(replace: [StartSession::class => PatientSession::class]);
        $middleware->trustHosts(at: static fn (): array => (array) config('aglyca.hosts'), subdomains: false);
        $middleware->web(prepend: [RoomToKeep::class], append: [KitchensWay::class, OnlyReading::class, Once::class]);
        $middleware->trimStrings(except: ['text', 'password', 'password_confirmation', 'current_password', 'address_password', 'leave_password']);
        // Who asks too often is told so before a session's token is looked at.
        $middleware->appendToPriorityList(ThrottleRequests::class, ValidateCsrfToken::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/shelf');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A page left open overnight loses its token: what was typed comes back with a new one, to be sent by one touch.
        $exceptions->render(function (HttpException $e, Request $request): ?Response {
            if ($e->getStatusCode() !== 419) {
                return null;
            }
            if ($request->hasHeader('HX-Request')) {
                return response('', 419, ['HX-Refresh' => 'true']);
            }

            return $request->expectsJson() ? null : response()->view('errors.419', SentAgain::of($request), 419);
        });
        $exceptions->dontFlash(SentAgain::SECRETS);
        // What was refused is shown again, as far as anybody could have typed it: a session is no store for strangers.
        $exceptions->render(function (ValidationException $e, Request $request): ?Response {
            $most = $request->user() === null ? 500 : 100_000;
            $request->merge(array_map(static fn (mixed $said): mixed => is_string($said) && strlen($said) > $most ? '' : $said, $request->input()));

            return null;
        });
        // The database is away, or two wanted the same row for too long: nothing was changed, and it is worth trying again.
        $exceptions->render(function (QueryException|PDOException $e, Request $request): ?Response {
            if ($e instanceof UniqueConstraintViolationException) {
                // Two were first at the same moment: one of them was, and the other is told.
                return back()->withErrors(['text' => 'Somebody was there a moment before you. Look once more, and send it again.']);
            }

            return Trouble::isPassing($e) ? response()->view('errors.503', [], 503, ['Retry-After' => '10']) : null;
        });
        // A text that an older reader took and this one does not: it can be mended where it stands.
        $exceptions->render(function (UnreadableRecipe $e, Request $request): ?Response {
            $said = $request->route('dessert');
            $recipe = $said instanceof Dessert ? $said->recipe : null;

            return $recipe === null ? null : response()->view('errors.unreadable', ['recipe' => $recipe, 'why' => $e->getMessage()], 422);
        });
        // What is stored of a dessert may be older than the rules of today: the page says which it is, and lets it be mended.
        $exceptions->render(function (LogicException|TypeError|ArithmeticError|UnexpectedValueException|OutOfBoundsException $e, Request $request): ?Response {
            $said = $request->route('dessert');
            $recipe = $said instanceof Dessert ? $said->recipe : (is_string($said) ? $request->user()?->kitchen->recipes()->with('latest')->where('ulid', $said)->first() : null);

            return $recipe !== null && ! config('app.debug') ? response()->view('errors.dessert', ['recipe' => $recipe], 500) : null;
        });
        $exceptions->render(fn (PostTooLargeException $e): Response => response()->view('errors.413', [], 413));
    })
    ->create();
