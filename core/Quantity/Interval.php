<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** Somewhere from one value to another. */
final readonly class Interval
{
    public function __construct(public float $low, public float $high) {}
}
