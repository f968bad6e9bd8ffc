<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/**
 * One rule of the swap, a row of `data/rows.csv`: a linear form in the grams of the candidates, held between bounds.
 */
interface Rule
{
    /** @return list<Row> none where the rule says nothing of this component */
    public function rows(Component $component): array;
}
