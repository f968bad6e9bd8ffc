<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;

/** A food that stands in for another or is stood in for, and why. */
final readonly class Replacing
{
    public function __construct(public Food $food, public string $why) {}
}
