<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Reading\Flag;

/** So much of a food in a component; where food or grams are not known, it is carried along and counts as nothing. */
final readonly class Dose
{
    /** @param  list<Flag>  $flags */
    public function __construct(
        public string $text,
        public ?Food $food,
        public ?Estimate $grams,
        public int $component = 0,
        public array $flags = [],
        public string $key = '',
    ) {}

    public function mass(): float
    {
        return $this->grams->value ?? 0.0;
    }
}
