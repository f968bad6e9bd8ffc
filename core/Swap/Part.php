<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;

/** One ingredient of the swapped side: grams as the scale or the spoon gives them, and why. */
final readonly class Part
{
    /**
     * @param  bool  $isTyped  the grams were typed in by the baker and stay so
     * @param  string  $slot  as in an `AmountKey`
     */
    public function __construct(
        public Food $food,
        public float $grams,
        public string $why,
        public bool $isTyped = false,
        public string $slot = '',
    ) {}
}
