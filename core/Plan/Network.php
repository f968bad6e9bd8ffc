<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** The earliest starts that a set of arcs and the sleeping hours allow. */
final class Network
{
    /** @var list<list<array{int, int}>> by job: which others it pushes, and by how much */
    private array $pushes;

    /** @var list<list<array{int, int}>> by job: its stretches of hands */
    private array $hands;

    /** @var list<array{int, int}> */
    private array $asleep;

    public function __construct(private readonly Problem $problem)
    {
        $this->pushes = $this->hands = array_fill(0, max(1, count($problem->minutes)), []);
        foreach ($problem->arcs as [$i, $j, $w]) {
            $this->pushes[$i][] = [$j, $w];
        }
        foreach ($problem->places['hands'][1] ?? [] as $hold) {
            $this->hands[$hold->job][] = [$hold->offset, $hold->length];
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
     * @param  list<array{int, int, int}>  $arcs
     * @return ?list<int>
     */
    public function pushed(array $starts, array $arcs): ?array
    {
        $moved = [];
        foreach ($arcs as [$i, $j, $w]) {
            $this->pushes[$i][] = [$j, $w];
            if ($starts[$j] < $starts[$i] + $w) {
                $starts[$j] = $starts[$i] + $w;
                $moved[] = $j;
            }
        }

        return $this->settled($starts, $moved);
    }

    /** @param  list<array{int, int, int}>  $arcs  that were put in last */
    public function takeOut(array $arcs): void
    {
        foreach (array_reverse($arcs) as [$i]) {
            array_pop($this->pushes[$i]);
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
            foreach ($this->pushes[$i] as [$j, $w]) {
                if ($starts[$j] < $starts[$i] + $w) {
                    $starts[$j] = $starts[$i] + $w;
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
            foreach ($this->hands[$i] as [$offset, $length]) {
                foreach ($this->asleep as [$from, $to]) {
                    if ($start + $offset < $to && $start + $offset + $length > $from) {
                        $start = $to - $offset;
                    }
                }
            }
        } while ($start !== $was);

        return $start;
    }
}
