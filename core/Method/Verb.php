<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** What a verb of a text does, and the byte where it stands. */
final readonly class Verb
{
    public function __construct(public int $at, public Action $action) {}
}
