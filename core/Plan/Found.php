<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** The best schedule of a search. */
final readonly class Found
{
    /**
     * @param  list<int>  $starts  by job
     * @param  int  $end  of the last job that counts
     * @param  int  $proven  no schedule ends earlier
     * @param  int  $changes  of the oven's heat
     */
    public function __construct(public array $starts, public int $end, public int $proven, public int $changes) {}

    public function gap(): float
    {
        return $this->end === 0 ? 0.0 : ($this->end - $this->proven) / $this->end;
    }
}
