<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Formula;

/** One thing to do otherwise next time. */
final readonly class Change
{
    /**
     * @param  string  $what  its key in `data/changes.csv`
     * @param  ?Formula  $formula  as it would be; null where the mix stays as it is
     * @param  array<string, array{Property, Property}>  $properties  that move, before and after
     * @param  float  $cooler  °C that the oven is set lower
     * @param  float  $longer  share of the minutes that it bakes longer
     */
    public function __construct(
        public string $what,
        public string $sentence,
        public ?Formula $formula,
        public array $properties,
        public float $cooler = 0.0,
        public float $longer = 0.0,
    ) {}
}
