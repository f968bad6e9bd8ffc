<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Linear\Programme;
use Aglyca\Core\Linear\Row;

/** A component with the rules as rows. */
final readonly class Problem
{
    /** @param  list<Row>  $rows */
    public function __construct(public Component $component, public array $rows) {}

    public function programme(): Programme
    {
        $offers = $this->component->candidates->offers;

        return new Programme(array_column($offers, 'cost'), array_column($offers, 'most'), $this->rows);
    }
}
