<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Auth;
use PDOException;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * Without database there is no session; what needs neither is shown all the same. A guest's session is kept once there
 * is something to keep: until then the token of its forms, and where they were going, travel in a sealed cookie, and
 * looking around fills no table.
 */
final class PatientSession extends StartSession
{
    private const TOKEN = 'aglyca_guest';

    private const OPEN = ['/', 'almanac', 'almanac/*', 'trust', 'trust/*'];

    protected function startSession(Request $request, $session)
    {
        try {
            $session = parent::startSession($request, $session);
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
        if (! $request->attributes->has('without-database') && ! $this->isEmpty($request)) {
            parent::saveSession($request);
        }
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

    private function isEmpty(Request $request): bool
    {
        $flashed = $request->session()->get('_flash', []);

        return $request->attributes->get('session-is-new') === true &&
            array_diff(array_keys($request->session()->all()), ['_token', '_previous', '_flash', 'url']) === [] &&
            ($flashed['new'] ?? []) === [];
    }

    protected function collectGarbage(Session $session)
    {
        // The scheduler does that.
    }
}
