<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Food;

/** A food wherever it stands among some doses: its composition is one unknown in all of them. */
final readonly class FoodUse
{
    /**
     * @param  Spread  $spread  of what stands in a table for 100 g; of a label nothing but its rounding is open
     * @param  array<int, float>  $grams  by dose
     */
    public function __construct(public Food $food, public Spread $spread, public array $grams) {}

    public function mass(): float
    {
        return array_sum($this->grams);
    }
}
