<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\FreeWater;

/** The heat that crystals take up on the tongue, for each gram of piece. */
final readonly class CoolTaste implements Rule
{
    public function __construct(private Constants $constants) {}

    public function rows(Component $component): array
    {
        $heat = $this->constants->get('erythritol-heat');
        $coefficients = $component->candidates->coefficients(static fn (Traits $t): float => $heat * $t->coolness);
        if (max([0.0, ...$coefficients]) <= 0) {
            return [];
        }
        $band = $component->family->band('cool');
        $mass = $component->written->mix->mass;
        $dissolved = Solubility::at($component->family, $this->constants) * FreeWater::of($component, $this->constants);
        $bound = $band->high * $mass * (1 - $component->family->bakeLoss)
            - $heat * ($component->candidates->fixed->coolness - $dissolved);

        return [new Row('cool', $coefficients, -INF, $bound, $band->weight, max(1.0, $mass * $band->high / 10))];
    }
}
