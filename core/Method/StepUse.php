<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Food;

/** So much of a food that goes in at a step. */
final readonly class StepUse
{
    public function __construct(public Food $food, public float $grams) {}
}
