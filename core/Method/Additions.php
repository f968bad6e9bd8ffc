<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** Sentences of ours among the operations of a method. */
final readonly class Additions
{
    /**
     * @param  array<int, list<string>>  $before  by operation
     * @param  array<int, list<string>>  $behind  by operation
     */
    public function __construct(public array $before, public array $behind) {}
}
