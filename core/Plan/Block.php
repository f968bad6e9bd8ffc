<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** Jobs in the oven that nothing of another heat may part. */
final readonly class Block
{
    /** @param  list<int>  $jobs */
    public function __construct(public float $heat, public array $jobs) {}
}
