<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Food;

/** Grams, price and net carbs of a sweetener for some sweetness. */
final readonly class PricedSweetener
{
    public function __construct(public Food $food, public float $grams, public float $price, public float $netCarbs) {}
}
