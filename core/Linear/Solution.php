<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

/** The optimum of a programme. */
final readonly class Solution
{
    /**
     * @param  array<int, float>  $grams  by variable
     * @param  array<int, float>  $prices  by row: what the objective falls by where its binding bound gives way by one
     *     unit
     * @param  array<int, float>  $misses  by row: below (negative) or above (positive) its bounds; 0 where it is kept
     */
    public function __construct(
        public float $objective,
        public array $grams,
        public array $prices,
        public array $misses,
    ) {}
}
