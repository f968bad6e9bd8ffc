<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** A stretch of a job, from its start, in which it takes one of a place. */
final readonly class Hold
{
    public function __construct(public int $job, public int $offset, public int $length) {}
}
