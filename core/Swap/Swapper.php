<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Formula;

/** Converts a dessert by what the baker asks. */
interface Swapper
{
    public function swap(Formula $formula, Wishes $wishes, Oven $oven): Swap;
}
