<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Rule\Rule;

/** Where work can hurt someone: what each rule has to say, the gravest first. */
final readonly class Cautioner
{
    /** @param  list<Rule>  $rules */
    public function __construct(private array $rules) {}

    /** @return list<Warning> */
    public function cautions(Circumstances $all): array
    {
        return array_merge([], ...array_map(static fn (Rule $r): array => $r->of($all), $this->rules));
    }
}
