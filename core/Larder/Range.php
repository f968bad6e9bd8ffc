<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use InvalidArgumentException;

/** A property as it varies from maker to maker and from table to table. */
final readonly class Range
{
    /** @throws InvalidArgumentException where the three are out of order */
    public function __construct(public float $low, public float $typical, public float $high)
    {
        if ($low > $typical || $typical > $high) {
            throw new InvalidArgumentException(
                "A range runs from low over typical to high, not $low, $typical, $high.",
            );
        }
    }
}
