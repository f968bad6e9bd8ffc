<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

/** What a property may be without fault, against the dessert as written or in its own unit. */
final readonly class Band
{
    public function __construct(public float $low, public float $high, public float $weight) {}
}
