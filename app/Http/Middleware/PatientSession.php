<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use PDOException;

/** Without database there is no session; what needs neither is shown all the same. */
final class PatientSession extends StartSession
{
    private const OPEN = ['/', 'almanac', 'almanac/*', 'trust', 'trust/*'];

    protected function startSession(Request $request, $session)
    {
        try {
            return parent::startSession($request, $session);
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
        if (! $request->attributes->has('without-database')) {
            parent::saveSession($request);
        }
    }

    protected function collectGarbage(Session $session)
    {
        // The scheduler does that.
    }
}
