<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** What the grams of a piece are of. */
enum MassOf: string
{
    case Dough = 'dough';
    case Baked = 'baked';
}
