<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\Unit;

/** One amount as written: a number of units, or of things where there is no unit; packages may state their size. */
final readonly class Measure
{
    /**
     * @param  int  $decimals  digits after the point in the number as written
     * @param  ?Measure  $size  what one package holds
     * @param  ?Measure  $plus  what the line adds: "1 cup plus 2 tablespoons"
     * @param  float  $spread  further relative standard uncertainty: "about", "heaped"
     */
    public function __construct(
        public Estimate $count,
        public ?Unit $unit,
        public int $decimals = 0,
        public ?Measure $size = null,
        public ?Measure $plus = null,
        public float $spread = 0.0,
    ) {}

    public function withSize(self $size): self
    {
        return new self($this->count, $this->unit, $this->decimals, $size, $this->plus, $this->spread);
    }

    public function withPlus(self $plus): self
    {
        return new self(
            $this->count,
            $this->unit,
            $this->decimals,
            $this->size,
            $this->plus?->withPlus($plus) ?? $plus,
            $this->spread,
        );
    }

    public function scaled(float $factor, float $spread): self
    {
        return new self(
            $this->count->times($factor),
            $this->unit,
            $this->decimals,
            $this->size,
            $this->plus,
            hypot($this->spread, $spread),
        );
    }
}
