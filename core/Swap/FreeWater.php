<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/**
 * Water that is left after baking to dissolve sweetener, as is usual: nobody thins a dough for that.
 */
final readonly class FreeWater
{
    private function __construct() {}

    /** Grams. */
    public static function of(Component $component): float
    {
        $lost = $component->family->bakeLoss * $component->written->mix->mass;

        return max(0.0, $component->candidates->usual()->water - $lost);
    }
}
