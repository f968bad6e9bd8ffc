<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Range;

/** The bar of a food in a picture, with its spread. */
final readonly class FoodRange
{
    public function __construct(public Food $food, public Range $range) {}
}
