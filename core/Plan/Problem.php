<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Quantity\Stretch;

/**
 * Jobs of so many minutes, what must lie between them, and what they share: a resource-constrained project with
 * minimal and maximal time lags (RCPSP/max; Neumann, Schwindt, Zimmermann 2003). Of all schedules that one is best in
 * which the last of the jobs that count ends first, counted from 0; then the one that changes the oven's heat least.
 */
final readonly class Problem
{
    /**
     * @param  list<int>  $minutes  by job
     * @param  list<Arc>  $arcs
     * @param  array<string, Shared>  $places
     * @param  list<Block>  $blocks
     * @param  list<Stretch>  $asleep  no hands
     * @param  list<bool>  $counts  by job
     * @param  array<int, int>  $releases  by job: it starts no earlier
     */
    public function __construct(
        public array $minutes,
        public array $arcs,
        public array $places,
        public array $blocks,
        public array $asleep,
        public array $counts,
        public array $releases = [],
    ) {}

    /** The same seen from its end, what was latest is earliest; releases are taken as said in its own time. */
    public function mirrored(): self
    {
        $p = $this->minutes;

        return new self(
            $p,
            array_map(
                static fn (Arc $a): Arc => new Arc($a->to, $a->from, $a->lag + $p[$a->to] - $p[$a->from]),
                $this->arcs,
            ),
            array_map(
                static fn (Shared $shared): Shared => new Shared(
                    $shared->capacity,
                    array_map(
                        static fn (Hold $h): Hold => new Hold(
                            $h->job,
                            $p[$h->job] - $h->offset - $h->length,
                            $h->length,
                        ),
                        $shared->holds,
                    ),
                ),
                $this->places,
            ),
            $this->blocks,
            array_map(static fn (Stretch $night): Stretch => $night->mirrored(), $this->asleep),
            $this->counts,
            $this->releases,
        );
    }
}
