<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** For machines: whether it is up, and with its database. */
final readonly class UpController
{
    public function __invoke(): JsonResponse
    {
        // Who balances or watches asks often and waits little; each of the driver's own attempts waits as long.
        ini_set('mysqlnd.net_read_timeout', '1');
        try {
            DB::select('select 1');

            return response()->json(['up' => true, 'database' => true], 200, ['Cache-Control' => 'no-store']);
        } catch (Throwable) {
            return response()->json(['up' => true, 'database' => false], 503, [
                'Retry-After' => '10',
                'Cache-Control' => 'no-store',
            ]);
        } finally {
            ini_restore('mysqlnd.net_read_timeout');
        }
    }
}
