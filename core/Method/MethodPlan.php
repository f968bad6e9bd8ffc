<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\StepCorrection;
use Aglyca\Core\Swap\Swap;

/** The method of a swap, written when somebody first looks at it: most of those who try one sweetener more do not. */
final class MethodPlan
{
    /** @var ?list<PlannedStep> */
    private ?array $steps = null;

    /**
     * @param  list<Step>  $written  the recipe's own
     * @param  array<string, StepCorrection>  $corrections
     */
    public function __construct(
        private readonly BakePlanner $planner,
        private readonly StepCorrector $corrector,
        private readonly Swap $swap,
        private readonly array $written,
        private readonly array $corrections,
    ) {}

    /** @return list<PlannedStep> */
    public function steps(): array
    {
        return $this->steps ??= $this->corrector->corrected(
            $this->planner->steps($this->swap, $this->written),
            $this->corrections,
        );
    }
}
