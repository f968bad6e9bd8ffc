<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Reading\Step;

/** A stretch of a step with one verb, made a sentence of its own. */
final readonly class Clause
{
    /** @param  bool  $opens  it stood at the head of its sentence */
    public function __construct(public string $text, public ?Action $action, public Step $step, public bool $opens) {}
}
