<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** What several jobs want, and how many can have it at once. */
final readonly class Shared
{
    /** @param  list<Hold>  $holds */
    public function __construct(public int $capacity, public array $holds) {}
}
