<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Linear\Programme;
use Aglyca\Core\Linear\Solution;

/** A component's problem with the optimum found for it, eggs whole. */
final readonly class Chosen
{
    public function __construct(public Problem $problem, public Solution $solution, public Programme $programme) {}

    /** Grams of an offer, with those that are there anyway. */
    public function grams(int $offer): float
    {
        return $this->problem->component->candidates->offers[$offer]->base + $this->solution->grams[$offer];
    }

    /**
     * The rows that touch an offer and decide, the dearest first.
     *
     * @return list<Deciding>
     */
    public function deciding(int $offer): array
    {
        $found = [];
        foreach ($this->programme->rows as $i => $row) {
            $pull = $this->solution->prices[$i] * $row->coefficients[$offer];
            if (abs($pull) > 1e-7 && $row->key !== 'practice') {
                $found[] = new Deciding($row, $this->solution->prices[$i] < 0, abs($pull));
            }
        }
        usort($found, static fn (Deciding $a, Deciding $b): int => $b->pull <=> $a->pull);

        return $found;
    }
}
