<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Harm\Untouched;

/** Where sugar is medicine, or the eater is a small child, nothing was swapped: why, before all else. */
final readonly class Medicine implements Rule
{
    public function __construct(private Untouched $untouched) {}

    public function of(Circumstances $all): array
    {
        $why = $this->untouched->why($all->said, $all->before);

        return $why === '' ? [] : [new Warning('untouched', $why, true)];
    }
}
