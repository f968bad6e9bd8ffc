<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** A point of a series that is drawn or fitted. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}
}
