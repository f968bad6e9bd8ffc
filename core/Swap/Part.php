<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;

/** One ingredient of the swapped side: grams as the scale or the spoon gives them, and why. */
final readonly class Part
{
    public function __construct(public Food $food, public float $grams, public string $measure, public string $why) {}
}
