<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Quantity\Stretch;

/** The earliest starts that a set of arcs and the sleeping hours allow. */
final class Network
{
    /** @var list<list<Arc>> by job: which others it pushes */
    private array $pushes;

    /** @var list<list<Hold>> by job: its stretches of hands */
    private array $hands;

    /** @var list<Stretch> */
    private array $asleep;

    public function __construct(private readonly Problem $problem)
    {
        $this->pushes = $this->hands = array_fill(0, max(1, count($problem->minutes)), []);
        foreach ($problem->arcs as $arc) {
            $this->pushes[$arc->from][] = $arc;
        }
        foreach ($problem->places['hands']->holds ?? [] as $hold) {
            $this->hands[$hold->job][] = $hold;
        }
        $this->asleep = $problem->asleep;
    }

    /** @return ?list<int> the starts; null where the arcs cannot all hold */
    public function earliest(): ?array
    {
        $starts = array_map(fn (int $i): int => $this->problem->releases[$i] ?? 0, array_keys($this->problem->minutes));

        return $this->settled($starts, array_keys($starts));
    }

    /**
     * Puts arcs in, where the earliest starts are known without them.
     *
     * @param  list<int>  $starts
     * @param  list<Arc>  $arcs
     * @return ?list<int>
     */
    public function pushed(array $starts, array $arcs): ?array
    {
        $moved = [];
        foreach ($arcs as $arc) {
            $this->pushes[$arc->from][] = $arc;
            $earliest = $starts[$arc->from] + $arc->lag;
            if ($starts[$arc->to] < $earliest) {
                $starts[$arc->to] = $earliest;
                $moved[] = $arc->to;
            }
        }

        return $this->settled($starts, $moved);
    }

    /** @param  list<Arc>  $arcs  that were put in last */
    public function takeOut(array $arcs): void
    {
        foreach (array_reverse($arcs) as $arc) {
            array_pop($this->pushes[$arc->from]);
        }
    }

    /**
     * @param  list<int>  $starts
     * @param  list<int>  $queue
     * @return ?list<int>
     */
    private function settled(array $starts, array $queue): ?array
    {
        $n = count($starts);
        $waits = array_fill_keys($queue, true);
        $times = array_fill(0, max(1, $n), 0);
        for ($k = 0; $k < count($queue); $k++) {
            $i = $queue[$k];
            unset($waits[$i]);
            $starts[$i] = $this->awake($i, $starts[$i]);
            // A job that is pushed more often than there are jobs stands in a ring of arcs that never settles.
            if (++$times[$i] > $n + 1) {
                return null;
            }
            foreach ($this->pushes[$i] as $arc) {
                [$j, $earliest] = [$arc->to, $starts[$i] + $arc->lag];
                if ($starts[$j] < $earliest) {
                    $starts[$j] = $earliest;
                    if (! isset($waits[$j])) {
                        $waits[$j] = true;
                        $queue[] = $j;
                    }
                }
            }
        }

        return array_values($starts);
    }

    private function awake(int $i, int $start): int
    {
        do {
            $was = $start;
            foreach ($this->hands[$i] as $hold) {
                foreach ($this->asleep as $night) {
                    $begins = $start + $hold->offset;
                    if ($begins < $night->to && $begins + $hold->length > $night->from) {
                        $start = $night->to - $hold->offset;
                    }
                }
            }
        } while ($start !== $was);

        return $start;
    }
}
