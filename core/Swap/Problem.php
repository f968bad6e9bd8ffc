<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Programme;
use Aglyca\Core\Linear\Row;

/** A component's choice laid out: what may be used, the rules as rows, and what is in the mix whatever is chosen. */
final readonly class Problem
{
    /**
     * @param  list<Variable>  $variables
     * @param  list<Row>  $rows
     * @param  array<int, list<Part>>  $singles  by dose: what takes the place of a line with a swap of its own
     * @param  list<Part>  $waters  the water that was in the syrups
     * @param  Traits  $before  of the component as written
     * @param  Traits  $fixed  of all that is in the mix whatever is chosen
     * @param  float  $browned  minutes at the reference heat
     */
    public function __construct(public Sorting $sorting, public Family $family, public array $variables, public array $rows, public array $singles, public array $waters, public Traits $before, public Traits $fixed, public float $browned) {}

    public function programme(): Programme
    {
        return new Programme(array_column($this->variables, 'cost'), array_column($this->variables, 'most'), $this->rows);
    }
}
