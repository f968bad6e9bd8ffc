<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

enum UnitKind: string
{
    case Mass = 'mass';
    case Volume = 'volume';
    case Count = 'count';
}
