<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/**
 * Branch and bound over the disjunctions: the earliest starts are taken as they are until two jobs want the same hands,
 * place or oven; then each order of the two is tried. Complete where it ends by itself; after so many nodes the best so
 * far stands, with the bound that is proven.
 */
final class Search
{
    /** @var ?list<int> */
    private ?array $best = null;

    /** @var array{int, int} end and changes of heat of the best */
    private array $value = [PHP_INT_MAX, PHP_INT_MAX];

    /** Heats of the oven up to which every order is tried. */
    private const ORDERED = 8;

    /** Jobs of a day up to which all orders that may be tried are. */
    private const USUAL = 80;

    private int $nodes = 0;

    /** @var array<string, true> pairs of blocks whose order is settled */
    private array $decided = [];

    private Network $network;

    private Bound $bound;

    private int $heats;

    public function __construct(private readonly Problem $problem, private readonly int $most)
    {
        $this->network = new Network($problem);
        $this->bound = new Bound($problem);
        $this->heats = max(0, count(array_unique(array_column($problem->blocks, 'heat'))) - 1);
    }

    /** @return ?Found null where the arcs cannot hold */
    public function run(): ?Found
    {
        $starts = $this->network->earliest();
        if ($starts === null) {
            return null;
        }
        $proven = $this->bound->of($starts);
        $this->go($this->inOrder($starts), $proven);

        return $this->best === null
            ? null
            : new Found($this->best, $this->value[0], ! $this->isSpent() ? $this->value[0] : $proven, $this->value[1]);
    }

    /**
     * So many heats of the oven that nobody could try their orders stay in that in which they come first.
     *
     * @param  list<int>  $starts
     * @return list<int>
     */
    private function inOrder(array $starts): array
    {
        if (count($this->problem->blocks) <= self::ORDERED) {
            return $starts;
        }
        $first = array_map(fn (Block $b): int => $this->span($starts, $b->jobs)[0], $this->problem->blocks);
        asort($first);
        $order = array_keys($first);
        foreach ($order as $k => $x) {
            foreach (array_slice($order, $k + 1) as $y) {
                $this->decided[min($x, $y).' '.max($x, $y)] = true;
            }
            $next = $order[$k + 1] ?? null;
            $arcs = $next === null
                ? []
                : $this->apart($this->problem->blocks[$x]->jobs, $this->problem->blocks[$next]->jobs);
            $pushed = $this->network->pushed($starts, $arcs);
            if ($pushed === null) {
                $this->network->takeOut($arcs);
            }
            $starts = $pushed ?? $starts;
        }

        return $starts;
    }

    /** @param  list<int>  $starts */
    private function go(array $starts, int $bound): void
    {
        $this->nodes++;
        if ($this->isSpent() || $this->isNoBetter($bound)) {
            return;
        }
        $pair = $this->undecided($starts);
        $conflict = $pair === null ? $this->conflict($starts) : $this->orders(...$pair);
        if ($conflict === []) {
            $end = 0;
            foreach ($this->problem->counts as $i => $counts) {
                $end = $counts ? max($end, $starts[$i] + $this->problem->minutes[$i]) : $end;
            }
            $value = [$end, $this->changes($starts)];
            if ($value < $this->value) {
                [$this->best, $this->value] = [$starts, $value];
            }

            return;
        }
        $ways = [];
        foreach ($conflict as $n => $arcs) {
            $pushed = $this->network->pushed($starts, $arcs);
            $this->network->takeOut($arcs);
            if ($pushed !== null) {
                $ways[] = [$this->bound->of($pushed), array_sum($pushed), $n, $pushed];
            }
        }
        sort($ways);
        foreach ($ways as [$next, , $n, $pushed]) {
            if ($this->isSpent()) {
                return;
            }
            $this->network->pushed($starts, $conflict[$n]);
            if ($pair !== null) {
                $this->decided["$pair[0] $pair[1]"] = true;
            }
            $this->go($pushed, $next);
            $this->network->takeOut($conflict[$n]);
        }
        if ($pair !== null) {
            unset($this->decided["$pair[0] $pair[1]"]);
        }
    }

    /**
     * Which of the oven's heats comes first is settled before all else: an order of hands may leave no way for it.
     *
     * @param  list<int>  $starts
     * @return ?array{int, int} blocks, of which the later begins first among those that are still open
     */
    private function undecided(array $starts): ?array
    {
        [$first, $found] = [PHP_INT_MAX, null];
        foreach ($this->problem->blocks as $x => $one) {
            for ($y = $x + 1; $y < count($this->problem->blocks); $y++) {
                if ($one->heat !== $this->problem->blocks[$y]->heat && ! isset($this->decided["$x $y"])) {
                    $at = max(
                        $this->span($starts, $one->jobs)[0],
                        $this->span($starts, $this->problem->blocks[$y]->jobs)[0],
                    );
                    [$first, $found] = $at < $first ? [$at, [$x, $y]] : [$first, $found];
                }
            }
        }

        return $found;
    }

    /** @return list<list<Arc>> */
    private function orders(int $x, int $y): array
    {
        [$one, $other] = [$this->problem->blocks[$x]->jobs, $this->problem->blocks[$y]->jobs];

        return [$this->apart($one, $other), $this->apart($other, $one)];
    }

    /** A first schedule is looked for longer than a better one. */
    private function isSpent(): bool
    {
        // Where there is much to do, each look costs as much more, and fewer are taken.
        $share = min(1.0, (self::USUAL / max(1, count($this->problem->minutes))) ** 2);

        return $this->nodes >= ($this->best === null ? 10 * $this->most : $this->most * $share);
    }

    private function isNoBetter(int $bound): bool
    {
        return $bound > $this->value[0] || ($bound === $this->value[0] && $this->value[1] <= $this->heats);
    }

    /**
     * The ways to undo the first clash.
     *
     * @param  list<int>  $starts
     * @return list<list<Arc>>
     */
    private function conflict(array $starts): array
    {
        [$first, $ways] = [PHP_INT_MAX, []];
        foreach ($this->problem->places as $shared) {
            $clash = $this->clash($starts, $shared->capacity, $shared->holds);
            if ($clash !== null && $clash[0] < $first) {
                $first = $clash[0];
                $ways = [];
                foreach ($clash[1] as $a) {
                    foreach ($clash[1] as $b) {
                        if ($a->job !== $b->job) {
                            $ways[] = [new Arc($a->job, $b->job, $a->offset + $a->length - $b->offset)];
                        }
                    }
                }
            }
        }

        return $ways;
    }

    /**
     * @param  list<int>  $starts
     * @param  list<Hold>  $holds
     * @return ?array{int, list<Hold>}
     */
    private function clash(array $starts, int $capacity, array $holds): ?array
    {
        if (count($holds) <= $capacity) {
            return null;
        }
        $begins = [];
        foreach ($holds as $k => $hold) {
            $begins[$k] = $starts[$hold->job] + $hold->offset;
        }
        asort($begins);
        [$active, $ends] = [[], []];
        foreach ($begins as $k => $at) {
            foreach ($ends as $other => $end) {
                if ($end <= $at) {
                    unset($active[$other], $ends[$other]);
                }
            }
            [$active[$k], $ends[$k]] = [$holds[$k], $at + $holds[$k]->length];
            if (count($active) > $capacity) {
                return [$at, array_values(array_slice($active, -$capacity - 1))];
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $starts
     * @param  list<int>  $jobs
     * @return array{int, int}
     */
    private function span(array $starts, array $jobs): array
    {
        [$from, $to] = [PHP_INT_MAX, 0];
        foreach ($jobs as $j) {
            $from = min($from, $starts[$j]);
            $to = max($to, $starts[$j] + $this->problem->minutes[$j]);
        }

        return [$from, $to];
    }

    /**
     * @param  list<int>  $first
     * @param  list<int>  $then
     * @return list<Arc>
     */
    private function apart(array $first, array $then): array
    {
        $arcs = [];
        foreach ($first as $i) {
            foreach ($then as $j) {
                $arcs[] = new Arc($i, $j, $this->problem->minutes[$i]);
            }
        }

        return $arcs;
    }

    /** @param  list<int>  $starts */
    private function changes(array $starts): int
    {
        $order = [];
        foreach ($this->problem->blocks as $block) {
            $order[] = [$this->span($starts, $block->jobs)[0], $block->heat];
        }
        sort($order);
        $changes = 0;
        for ($i = 1; $i < count($order); $i++) {
            $changes += $order[$i][1] === $order[$i - 1][1] ? 0 : 1;
        }

        return $changes;
    }
}
