<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;

/** What may be used, and what stands in for what may not. */
final readonly class Allowed
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
    ) {}

    public function allows(Food $food, Wishes $wishes): bool
    {
        if (in_array($food->key, $wishes->kitchen->refused, true)) {
            return false;
        }
        foreach ($food->allergens as $allergen) {
            if (in_array(explode(':', $allergen)[0], $wishes->without, true)) {
                return false;
            }
        }

        return true;
    }

    /** The food, or the first that stands in for it and is allowed. */
    public function allowed(Food $food, Wishes $wishes): ?Food
    {
        $seen = [];
        while (! $this->allows($food, $wishes)) {
            $seen[$food->key] = true;
            $instead = $this->schools->insteadOf($food->key);
            if ($instead === null || isset($seen[$instead])) {
                return null;
            }
            $food = $this->larder->get($instead);
        }

        return $food;
    }

    /** The school that was asked for, or where its main flour is not allowed the first whose main flour is. */
    public function school(Wishes $wishes): string
    {
        foreach ([$wishes->school, 'seed', 'coconut', ...array_keys($this->schools->flours())] as $school) {
            if ($this->allows($this->larder->get($this->schools->parts($school)[0]['food']), $wishes)) {
                return $school;
            }
        }

        return $wishes->school;
    }
}
