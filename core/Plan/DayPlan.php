<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Method\Task;

/** A day as it is to be: what is done when, with what it comes to. Moments are minutes since 1970, UTC. */
final readonly class DayPlan
{
    /**
     * A record: the figures of a plan, none of which follows from another without the jobs.
     *
     * @param  list<Task>  $tasks
     * @param  list<Slot>  $slots
     * @param  int  $start  of the first task that needs hands
     * @param  int  $ready  when all is done
     * @param  list<float>  $ovenHeats  °C, in the order in which it is set to them
     * @param  list<string>  $advice
     * @param  float  $gap  share by which a shorter day is not ruled out
     */
    public function __construct(
        public array $tasks,
        public array $slots,
        public int $start,
        public int $ready,
        public int $handsOn,
        public int $ovenMinutes,
        public array $ovenHeats,
        public int $lateBy,
        public array $advice,
        public float $gap,
    ) {}

    public function span(): int
    {
        return $this->ready - $this->start;
    }

    public function begins(): int
    {
        return min([$this->start, ...array_column($this->slots, 'start')]);
    }
}
