<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** Counting on. */
final class Ordinal
{
    public static function after(int $n): int
    {
        return $n + 1;
    }
}
