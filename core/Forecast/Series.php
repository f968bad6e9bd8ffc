<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Quantity\Point;

/** The line of a food in a picture. */
final readonly class Series
{
    /** @param  list<Point>  $points */
    public function __construct(public Food $food, public array $points) {}
}
