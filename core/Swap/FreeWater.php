<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Constants;

/**
 * Water that is left after baking to dissolve sweetener, as is usual: nobody thins a dough for that.
 */
final readonly class FreeWater
{
    private function __construct() {}

    /** Grams. */
    public static function of(Component $component, Constants $constants): float
    {
        $lost = $component->family->bakeLoss * $component->written->mix->mass;
        $water = $component->candidates->usual()->water;

        return max($constants->get('water-kept') * $water, $water - $lost);
    }
}
