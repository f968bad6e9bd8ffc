<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Circumstances;

/** One kind of harm, with what is said of it: once, where it matters. */
interface Rule
{
    /** @return list<Warning> */
    public function of(Circumstances $all): array;
}
