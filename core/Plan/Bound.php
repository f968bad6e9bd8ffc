<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Quantity\Stretch;

/** A time before which the last of the jobs that count cannot end, whatever the order. */
final readonly class Bound
{
    /**
     * @var array<string, array{int, list<array{Hold, int}>}> by place: capacity, and each stretch with what must still
     *     follow it
     */
    private array $places;

    /**
     * @var list<array{list<int>, int, int}> of each heat the longest block: its jobs, its minutes, and what must
     *     follow
     */
    private array $heats;

    public function __construct(private Problem $problem)
    {
        $tails = $this->tails();
        $places = [];
        foreach ($problem->places as $name => $shared) {
            $kept = [];
            foreach ($shared->holds as $hold) {
                if ($tails[$hold->job] !== null) {
                    $kept[] = [$hold, max(0, $tails[$hold->job] - $hold->offset - $hold->length)];
                }
            }
            if (count($kept) > $shared->capacity) {
                $places[$name] = [$shared->capacity, $kept];
            }
        }
        $this->places = $places;
        $this->heats = $this->heats($tails);
    }

    /** @param  list<int>  $starts  the earliest */
    public function of(array $starts): int
    {
        $bound = 0;
        foreach ($this->problem->counts as $i => $counts) {
            $bound = $counts ? max($bound, $starts[$i] + $this->problem->minutes[$i]) : $bound;
        }
        foreach ($this->places as $name => [$capacity, $holds]) {
            $bound = max(
                $bound,
                $capacity === 1
                    ? $this->oneByOne($starts, $holds, $name === 'hands' ? $this->problem->asleep : [])
                    : $this->shared($starts, $holds, $capacity),
            );
        }

        $blocks = [];
        foreach ($this->heats as [$jobs, $minutes, $tail]) {
            $first = array_reduce($jobs, static fn (int $least, int $j): int => min($least, $starts[$j]), PHP_INT_MAX);
            $blocks[] = [$first, $minutes, $tail];
        }

        return count($blocks) < 2 ? $bound : max($bound, $this->byTurns($blocks, []));
    }

    /**
     * The oven has one heat at a time, so that of each heat at least the longest block has it for itself.
     *
     * @param  list<?int>  $tails
     * @return list<array{list<int>, int, int}>
     */
    private function heats(array $tails): array
    {
        $longest = [];
        foreach ($this->problem->blocks as $block) {
            $offsets = array_fill_keys($block->jobs, 0);
            foreach ($this->problem->arcs as $arc) {
                if (isset($offsets[$arc->from], $offsets[$arc->to])) {
                    $offsets[$arc->to] = max($offsets[$arc->to], $arc->lag);
                }
            }
            [$minutes, $reach] = [0, null];
            foreach ($offsets as $j => $offset) {
                $minutes = max($minutes, $offset + $this->problem->minutes[$j]);
                $reach = $tails[$j] === null ? $reach : max($reach ?? 0, $offset + $tails[$j]);
            }
            if ($reach !== null && $minutes > ($longest[(string) $block->heat][1] ?? 0)) {
                $longest[(string) $block->heat] = [$block->jobs, $minutes, $reach - $minutes];
            }
        }

        return array_values($longest);
    }

    /**
     * From the start of each job to the end of the last that counts, by the longest way; null where none follows.
     *
     * @return list<?int>
     */
    private function tails(): array
    {
        $tails = [];
        foreach ($this->problem->counts as $i => $counts) {
            $tails[$i] = $counts ? $this->problem->minutes[$i] : null;
        }
        do {
            $isMoved = false;
            foreach ($this->problem->arcs as $arc) {
                $tail = $tails[$arc->to];
                if ($arc->lag >= 0 && $tail !== null && $tail + $arc->lag > ($tails[$arc->from] ?? -1)) {
                    $tails[$arc->from] = $tail + $arc->lag;
                    $isMoved = true;
                }
            }
        } while ($isMoved);

        return array_values($tails);
    }

    /**
     * Jackson's preemptive schedule: of what is ready always that with the longest tail.
     *
     * @param  list<int>  $starts
     * @param  list<array{Hold, int}>  $holds
     * @param  list<Stretch>  $asleep
     */
    private function oneByOne(array $starts, array $holds, array $asleep): int
    {
        $coming = [];
        foreach ($holds as [$hold, $tail]) {
            $coming[] = [$starts[$hold->job] + $hold->offset, $hold->length, $tail];
        }

        return $this->byTurns($coming, $asleep);
    }

    /**
     * @param  list<array{int, int, int}>  $coming  from when, how long, and what must follow
     * @param  list<Stretch>  $asleep
     */
    private function byTurns(array $coming, array $asleep): int
    {
        sort($coming);
        $ready = new \SplPriorityQueue;
        [$now, $bound, $k, $n] = [0, 0, 0, count($coming)];
        while ($k < $n || ! $ready->isEmpty()) {
            if ($ready->isEmpty()) {
                $now = max($now, $coming[$k][0]);
            }
            while ($k < $n && $coming[$k][0] <= $now) {
                $ready->insert([$coming[$k][1], $coming[$k][2]], $coming[$k][2]);
                $k++;
            }
            foreach ($asleep as $night) {
                $now = $night->holds($now) ? $night->to : $now;
            }
            /** @var array{int, int} $work */
            $work = $ready->extract();
            $next = $k < $n ? max($now, $coming[$k][0]) : PHP_INT_MAX;
            foreach ($asleep as $night) {
                $next = $night->from > $now ? min($next, $night->from) : $next;
            }
            if ($now + $work[0] > $next) {
                $ready->insert([$work[0] - ($next - $now), $work[1]], $work[1]);
                $now = $next;
            } else {
                $now += $work[0];
                $bound = max($bound, $now + $work[1]);
            }
        }

        return $bound;
    }

    /**
     * Of all that start no earlier than one of them, the work shared out between the places.
     *
     * @param  list<int>  $starts
     * @param  list<array{Hold, int}>  $holds
     */
    private function shared(array $starts, array $holds, int $capacity): int
    {
        $begins = [];
        foreach ($holds as $k => [$hold]) {
            $begins[$k] = $starts[$hold->job] + $hold->offset;
        }
        arsort($begins);
        [$bound, $work, $tail] = [0, 0, PHP_INT_MAX];
        foreach ($begins as $k => $begin) {
            [$hold, $behind] = $holds[$k];
            $work += $hold->length;
            $tail = min($tail, $behind);
            $bound = max($bound, $begin + (int) ceil($work / $capacity) + $tail);
        }

        return $bound;
    }
}
