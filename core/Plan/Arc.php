<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** One job starts at least so many minutes after another has started; fewer than none means at most so many before. */
final readonly class Arc
{
    public function __construct(public int $from, public int $to, public int $lag) {}
}
