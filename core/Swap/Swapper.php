<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Formula\Formula;

/** Converts a dessert by what the baker asks. */
interface Swapper
{
    public function swap(Formula $formula, Wishes $wishes, OvenPlan $oven): Swap;
}
