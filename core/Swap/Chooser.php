<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Linear\Simplex;
use Aglyca\Core\Linear\Solution;

/** The optimum of a programme, eggs made whole. */
final readonly class Chooser
{
    public function __construct(
        private Larder $larder,
    ) {}

    /** The optimum; where eggs may be added, of the whole numbers on either side of it the better. */
    public function choose(Problem $problem): Chosen
    {
        $programme = $problem->programme();
        $solution = Simplex::solve($programme);
        $isEgg = static fn (Offer $o): bool => $o->purpose === Purpose::Egg;
        $eggs = array_keys(array_filter($problem->component->candidates->offers, $isEgg));
        if ($eggs === []) {
            return new Chosen($problem, $solution, $programme);
        }
        $each = $this->larder->each('egg');
        if (abs($solution->grams[$eggs[0]] / $each - round($solution->grams[$eggs[0]] / $each)) < 1e-9) {
            return new Chosen($problem, $solution, $programme);
        }
        $best = null;
        // The least distance is convex in the eggs, so no other whole number can be better.
        foreach (
            array_unique([
                floor($solution->grams[$eggs[0]] / $each + 1e-9),
                ceil($solution->grams[$eggs[0]] / $each - 1e-9),
            ]) as $count
        ) {
            if ($count * $each <= $programme->most[$eggs[0]] + 1e-9) {
                $held = $programme->holding($eggs[0], $count * $each);
                $answer = Simplex::solve($held);
                $objective = $answer->objective + $count * $each * $programme->costs[$eggs[0]];
                if ($best === null || $objective < $best->objective - 1e-12) {
                    $grams = array_replace($answer->grams, [$eggs[0] => $count * $each]);
                    $best = new Solution($objective, $grams, $answer->prices, $answer->misses);
                }
            }
        }

        return new Chosen($problem, $best ?? $solution, $programme);
    }
}
