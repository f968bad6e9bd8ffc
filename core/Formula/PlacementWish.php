<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** Where the baker said that a component goes, as it is kept. */
final readonly class PlacementWish
{
    /**
     * @param  int  $pieces  for `Spread::Some`
     * @param  float  $amount  in `$unit`, for `Spread::Each` and `Spread::Table`; 0 for an equal part
     * @param  string  $unit  a key of `data/units.csv`
     */
    public function __construct(
        public Spread $spread,
        public int $pieces = 1,
        public float $amount = 0.0,
        public string $unit = 'g',
    ) {}
}
