<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/** Grams a millilitre; `byKind` where only the kind of food, not the food itself, gives it. */
final readonly class Density
{
    /** @param  ?float  $relative  standard uncertainty, where this kitchen has weighed it */
    public function __construct(public float $gramsPerMl, public bool $byKind, public ?float $relative = null) {}
}
