<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** The jobs of a day, in the order in which the problem numbers them. */
final readonly class JobSheet
{
    /** @param  list<Job>  $jobs */
    public function __construct(public array $jobs, public Problem $problem) {}
}
