<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** A stretch of a step's text; `was` is what stood there, "" for what stays. */
final readonly class StepPiece
{
    public function __construct(public string $text, public string $was = '') {}
}
