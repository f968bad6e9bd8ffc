<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** What is put on one piece at the table, as ingredient lines. */
final readonly class Topping
{
    public function __construct(public string $name, public string $text) {}
}
