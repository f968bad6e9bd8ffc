<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Reading\Step;

/** The hottest long bake of a method: °C and minutes; none where the method has no bake. */
final readonly class OvenPlan
{
    private function __construct(public ?float $celsius, public ?float $minutes) {}

    public static function unknown(): self
    {
        return new self(null, null);
    }

    /** @param  list<Step>  $steps */
    public static function of(array $steps): self
    {
        [$celsius, $minutes] = [null, null];
        foreach ($steps as $step) {
            foreach ($step->heats as $heat) {
                $celsius = $heat['heat']->celsius;
            }
            if ($step->isBake && $step->bakeMinutes() > ($minutes ?? 0.0)) {
                $minutes = $step->bakeMinutes();
            }
        }

        return new self($celsius, $minutes);
    }

    /** Minutes that would brown as much at the reference heat, for a component of this family. */
    public function minutesAt(Family $family, float $reference, float $doubling, float $lowerBy, float $timeFactor): float
    {
        if ($family->heat <= 0) {
            return 0.0;
        }
        $celsius = ($this->celsius ?? $family->heat) - $lowerBy;

        return ($this->minutes ?? $family->minutes) * $timeFactor * 2 ** (($celsius - $reference) / $doubling);
    }
}
