<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** When a batch of a task is done; minutes of the clock that the plan was asked in. */
final readonly class Slot
{
    public function __construct(public Job $job, public int $start, public int $end) {}
}
