<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Linear\DualSimplex;
use Aglyca\Core\Linear\Simplex;

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
        $optimum = Simplex::optimum($programme);
        $solution = $optimum->solution();
        $isEgg = static fn (Offer $o): bool => $o->purpose === Purpose::Egg;
        $egg = array_keys(array_filter($problem->component->candidates->offers, $isEgg))[0] ?? null;
        if ($egg === null) {
            return new Chosen($problem, $solution, $programme);
        }
        $each = $this->larder->each('egg');
        $eggs = $solution->grams[$egg] / $each;
        if (abs($eggs - round($eggs)) < 1e-9) {
            return new Chosen($problem, $solution, $programme);
        }
        $best = null;
        // The least distance is convex in the eggs, so no other whole number can be better.
        foreach ([floor($eggs), ceil($eggs)] as $count) {
            if ($count * $each <= $programme->most[$egg] + 1e-9) {
                $answer = DualSimplex::holding($optimum, $egg, $count * $each);
                if ($best === null || $answer->objective < $best->objective - 1e-12) {
                    $best = $answer;
                }
            }
        }

        return new Chosen($problem, $best ?? $solution, $programme);
    }
}
