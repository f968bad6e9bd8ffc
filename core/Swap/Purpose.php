<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** What a candidate ingredient is offered for. */
enum Purpose
{
    case Sweet;
    case Flour;
    case Egg;
    case Water;
    case Fat;
    case Lift;
    /** A liquid of the recipe's own. */
    case Liquid;
    /** Put in by the baker on top of the swap. */
    case Added;
}
