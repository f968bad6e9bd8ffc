<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** A package in the Pantry, as far as shopping goes. */
final readonly class Holding
{
    /**
     * @param  string  $food  key; "" for what is bought ready-made
     * @param  float  $left  grams in it
     * @param  ?float  $size  grams of a full one
     * @param  ?float  $price  of a full one
     * @param  string  $bestBefore  as 2026-12-31; "" where nobody said
     * @param  string  $openedOn  likewise
     */
    public function __construct(
        public string $food,
        public string $name,
        public float $left,
        public ?float $size,
        public ?float $price,
        public string $bestBefore,
        public string $openedOn,
    ) {}
}
