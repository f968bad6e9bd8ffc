<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Closure;

/** The method of a swap, written when somebody first looks at it: most of those who try one sweetener more do not. */
final class MethodPlan
{
    /** @var ?list<PlannedStep> */
    private ?array $steps = null;

    /** @param  Closure(): list<PlannedStep>  $write */
    public function __construct(private readonly Closure $write) {}

    /** @return list<PlannedStep> */
    public function steps(): array
    {
        return $this->steps ??= ($this->write)();
    }
}
