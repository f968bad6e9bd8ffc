<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** All measures that one line gives for the same thing, and the tokens that they stand in. */
final readonly class Amount
{
    /** @param  non-empty-list<Measure>  $measures */
    public function __construct(public array $measures, public int $from, public int $end) {}
}
