<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Quantity\Altered;
use Aglyca\Core\Quantity\Pan;

/** How much of a recipe is made, and in which pan. */
final readonly class BatchPlan
{
    use Altered;

    /**
     * @param  float  $scale  times the recipe
     * @param  ?Pan  $pan  the baker's own; null for the recipe's
     * @param  ?Pan  $recipesPan  where the text does not say
     */
    public function __construct(public float $scale = 1.0, public ?Pan $pan = null, public ?Pan $recipesPan = null) {}
}
