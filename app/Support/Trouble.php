<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\QueryException;
use PDOException;
use Throwable;

/** What a database says when it cannot now but may in a moment (MariaDB's error codes). */
final class Trouble
{
    /**
     * The disk is full; no connection, gone, too many; read-only; lock wait, deadlock; a node that is not ready; a
     * statement that took too long.
     */
    public const PASSING = [
        1021,
        1026,
        1114,
        1040,
        1043,
        1047,
        1053,
        1205,
        1213,
        1290,
        1317,
        1836,
        1927,
        1969,
        2002,
        2003,
        2006,
        2013,
        2055,
    ];

    private function __construct() {}

    public static function isPassing(Throwable $fault): bool
    {
        return in_array(self::code($fault), self::PASSING, true);
    }

    private static function code(Throwable $fault): int
    {
        $said = $fault instanceof QueryException ? $fault->getPrevious() ?? $fault : $fault;

        return (int) ($said instanceof PDOException ? $said->errorInfo[1] ?? $said->getCode() : 0);
    }
}
