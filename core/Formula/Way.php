<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** How a batch is portioned. */
enum Way: string
{
    case Pieces = 'pieces';
    case Grid = 'grid';
    case Scoop = 'scoop';
    case Target = 'target';
    case Unequal = 'unequal';
}
