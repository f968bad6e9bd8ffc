<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/** An amount with its food in a running text; `at` and `end` are bytes of it. */
final readonly class MeasuredThing
{
    public function __construct(public string $text, public int $at, public int $end) {}
}
