<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/**
 * Jobs of so many minutes, what must lie between them, and what they share: a resource-constrained project with
 * minimal and maximal time lags (RCPSP/max; Neumann, Schwindt, Zimmermann 2003). Of all schedules that one is best in
 * which the last of the jobs that count ends first, counted from 0; then the one that changes the oven's heat least.
 */
final readonly class Problem
{
    /**
     * @param  list<int>  $minutes  by job
     * @param  list<array{int, int, int}>  $arcs  i, j, w: j starts at least w after i starts; w may be negative
     * @param  array<string, array{int, list<Hold>}>  $places  capacity and what takes one of it
     * @param  list<array{heat: float, jobs: list<int>}>  $blocks  of jobs in the oven that nothing of another heat may
     *     part
     * @param  list<array{int, int}>  $asleep  from and to: no hands
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
            array_map(static fn (array $a): array => [$a[1], $a[0], $a[2] + $p[$a[1]] - $p[$a[0]]], $this->arcs),
            array_map(
                static fn (array $place): array => [
                    $place[0],
                    array_map(
                        static fn (Hold $h): Hold => new Hold(
                            $h->job,
                            $p[$h->job] - $h->offset - $h->length,
                            $h->length,
                        ),
                        $place[1],
                    ),
                ],
                $this->places,
            ),
            $this->blocks,
            array_map(static fn (array $w): array => [-$w[1], -$w[0]], $this->asleep),
            $this->counts,
            $this->releases,
        );
    }
}
