<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

/**
 * One rule as a linear form in the grams of the candidates, to be held between two bounds. Leaving the bounds
 * costs `weight` for each unit of `scale`; a hard row costs so much that it is left only where nothing fits.
 */
final readonly class Row
{
    /**
     * @param  string  $key  of `data/rows.csv`
     * @param  array<int, float>  $coefficients  by variable
     * @param  float  $scale  what one unit of distance is, in the form's own unit
     * @param  int  $of  the variable that a practice row speaks of, or -1
     */
    public function __construct(
        public string $key,
        public array $coefficients,
        public float $low,
        public float $high,
        public float $weight,
        public float $scale,
        public int $of = -1,
        public bool $isHard = false,
    ) {}

    /**
     * A bound from above that is left only where nothing fits.
     *
     * @param  array<int, float>  $coefficients
     */
    public static function hard(string $key, array $coefficients, float $high, float $weight, float $scale): self
    {
        return new self($key, $coefficients, -INF, $high, $weight, $scale, isHard: true);
    }
}
