<?php

declare(strict_types=1);

namespace Aglyca\Core;

/** A dessert as the recipe has it, or as it is swapped. */
enum Side: string
{
    case Written = 'written';
    case Swapped = 'swapped';
}
