<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Quantity\Estimate;

/** Grams as a kitchen measures them, and the ingredient line that reads back to them. */
final readonly class Measured
{
    public function __construct(public Estimate $grams, public string $text) {}
}
