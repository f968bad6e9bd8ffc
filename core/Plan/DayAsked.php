<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use DateTimeZone;

/** What a day is asked to be. Moments are minutes since 1970, UTC. */
final readonly class DayAsked
{
    /**
     * @param  ?int  $ready  when all is to be done; null to begin at `now` and be done as early as may be
     * @param  ?int  $now  nothing starts before; null where it does not matter
     * @param  array<string, int>  $held  by "task#batch": it ends no later (with `ready`), or starts no earlier
     * @param  array<string, true>  $done  tasks that are done, by "task#batch"
     */
    public function __construct(
        public ?int $ready,
        public ?int $now,
        public Places $places,
        public DateTimeZone $zone,
        public array $held = [],
        public array $done = [],
        public bool $wantsAdvice = true,
    ) {}
}
