<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** Between which a property is no fault. */
final readonly class Bounds
{
    public function __construct(public float $low, public float $high) {}
}
