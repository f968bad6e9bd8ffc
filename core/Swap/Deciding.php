<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Linear\Row;

/** A row that holds an offer where it is. */
final readonly class Deciding
{
    /** @param  bool  $isHigh  it is the upper bound that binds */
    public function __construct(public Row $row, public bool $isHigh, public float $pull) {}
}
