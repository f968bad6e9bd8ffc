<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Formula;

/** The chosen swap: what takes the place of what, and the formula that results. */
final readonly class Swap
{
    /** @param  list<Exchange>  $exchanges */
    public function __construct(public Wishes $wishes, public array $exchanges, public Formula $before, public Formula $after) {}
}
