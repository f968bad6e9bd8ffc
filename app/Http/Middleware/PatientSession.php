<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\QueryException;
use Illuminate\Filesystem\LockableFile;
use Illuminate\Http\Request;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PDOException;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * Without database there is no session; what needs neither is shown all the same. A guest's session is kept once there
 * is something to keep: until then the token of its forms, and where they were going, travel in a sealed cookie, and
 * looking around fills no table.
 *
 * A guest's dessert lives in the session, and nothing of it may be lost where two requests meet: who only looks writes
 * nothing but that they were there, and who changes it waits for whoever does so already.
 */
final class PatientSession extends StartSession
{
    private const TOKEN = 'aglyca_guest';

    private const OPEN = ['/', 'almanac', 'almanac/*', 'trust', 'trust/*'];

    protected function handleStatefulRequest(Request $request, $session, Closure $next)
    {
        $turn = $this->changesDraft($request) ? self::turn($session->getId()) : null;
        try {
            return parent::handleStatefulRequest($request, $session, $next);
        } finally {
            $turn?->close();
        }
    }

    protected function startSession(Request $request, $session)
    {
        try {
            $session = parent::startSession($request, $session);
            $request->attributes->set('session-was', self::content($session));
            $isNew = array_keys($session->all()) === ['_token'];
            $request->attributes->set('session-is-new', $isNew);
            if ($isNew && preg_match('~^(\w{40})(?: (\S+))?$~', (string) $request->cookies->get(self::TOKEN), $m) === 1) {
                $session->put('_token', $m[1]);
                isset($m[2]) && $session->put('url.intended', $m[2]);
            }

            return $session;
        } catch (QueryException|PDOException $e) {
            // Who is signed in is not told that they are not.
            if ($request->cookies->has((string) config('session.cookie')) && ! $request->is(...self::OPEN)) {
                throw $e;
            }
            $request->attributes->set('without-database', true);
            $empty = new Store('aglyca_session', new ArraySessionHandler(1));
            $empty->start();

            return $empty;
        }
    }

    protected function saveSession($request)
    {
        if ($request->attributes->has('without-database') || $this->isEmpty($request)) {
            return;
        }
        $session = $request->session();
        $isAsItWas = $request->attributes->get('session-was') === self::content($session) && ! self::tells($session);
        if ($request->isMethodSafe() && $isAsItWas) {
            DB::table(config('session.table'))->where('id', $session->getId())->update([
                'last_activity' => now()->getTimestamp(),
                'ip_address' => $request->ip(),
                'user_agent' => mb_substr((string) $request->userAgent(), 0, 500),
            ]);

            return;
        }
        parent::saveSession($request);
    }

    protected function addCookieToResponse(Response $response, Session $session)
    {
        parent::addCookieToResponse($response, $session);
        if (! Auth::check() && ! app()->make('request')->attributes->has('without-database')) {
            $config = config('session');
            $response->headers->setCookie(
                new Cookie(
                    self::TOKEN,
                    // Where they were going before they were asked to sign in.
                    rtrim($session->token().' '.mb_substr((string) $session->get('url.intended'), 0, 500)),
                    now()->addDay(),
                    '/',
                    null,
                    (bool) $config['secure'],
                    true,
                    false,
                    'lax',
                ),
            );
        }
    }

    /** @return array<string, mixed> without where they were last, which is no more than a help */
    private static function content(Session $session): array
    {
        return array_diff_key($session->all(), ['_previous' => null]);
    }

    /** Something is said in one page only, and is taken out with it. */
    private static function tells(Session $session): bool
    {
        return array_filter((array) $session->get('_flash', [])) !== [];
    }

    private function changesDraft(Request $request): bool
    {
        return ! $request->isMethodSafe() &&
            ($request->route('dessert') === 'draft' || $request->is('paste', 'sign-up', 'sign-in'));
    }

    /** Held by one request at a time, and let go with it even where the server is killed. */
    private static function turn(string $session): LockableFile
    {
        $file = new LockableFile(config('cache.stores.file.lock_path').'/turns/'.substr(sha1($session), 0, 2), 'c+');

        return $file->getExclusiveLock(true);
    }

    private function isEmpty(Request $request): bool
    {
        return $request->attributes->get('session-is-new') === true &&
            array_diff(array_keys($request->session()->all()), ['_token', '_previous', '_flash', 'url']) === [] &&
            ! self::tells($request->session());
    }

    protected function collectGarbage(Session $session)
    {
        // The scheduler does that.
    }
}
