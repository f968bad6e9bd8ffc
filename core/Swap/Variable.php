<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;

/** Grams of one candidate ingredient; `base` grams of it are there whatever the programme decides. */
final readonly class Variable
{
    /**
     * @param  string  $use  sweet, flour, egg, water, fat or lift
     * @param  string  $why  from the table that offers it
     */
    public function __construct(public Food $food, public string $use, public float $most, public float $practice, public float $cost, public string $why, public string $form = '', public float $base = 0.0) {}
}
