<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Food;

/** So much of a food that goes in at a step. */
final readonly class StepUse
{
    public function __construct(public Food $food, public float $grams) {}

    /**
     * What goes in at one moment, each food once.
     *
     * @param  list<self>  $uses
     * @return list<self>
     */
    public static function once(array $uses): array
    {
        $once = [];
        foreach ($uses as $use) {
            $grams = ($once[$use->food->key]->grams ?? 0.0) + $use->grams;
            $once[$use->food->key] = new self($once[$use->food->key]->food ?? $use->food, $grams);
        }

        return array_values($once);
    }
}
