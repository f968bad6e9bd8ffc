<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Forecast\Traits;

/** A component as the recipe has it: what the swap is held against. */
final readonly class Written
{
    /**
     * @param  Traits  $mix  of all of it
     * @param  Traits  $sugars  of the sugars that are swapped
     * @param  Traits  $flours  of the flours that are swapped
     * @param  array<string, float>  $sweetness  by the value of a `SugarForm`: grams of sucrose as sweet
     */
    public function __construct(
        public Traits $mix,
        public Traits $sugars,
        public Traits $flours,
        public array $sweetness,
    ) {}
}
