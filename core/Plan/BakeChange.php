<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** What the swap asks of the oven, and why. */
final readonly class BakeChange
{
    /** @param  list<string>  $reasons */
    public function __construct(public float $lowerBy, public float $timeFactor, public int $restMinutes, public int $coolMinutes, public array $reasons) {}
}
