<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/** Erythritol stays within what the water left dissolves; where crystals are wanted there is no such row. */
final readonly class Grain implements Rule
{
    public function __construct(private Constants $constants) {}

    public function rows(Component $component): array
    {
        $band = $component->family->band('grain');
        $coefficients = $component->candidates->coefficients(static fn (Traits $t): float => $t->erythritol);
        if ($band->weight <= 0 || max([0.0, ...$coefficients]) <= 0) {
            return [];
        }
        $share = $band->high * $this->constants->get('erythritol-solubility');
        $bound = $share * FreeWater::of($component) - $component->candidates->fixed->erythritol;

        return [new Row('grain', $coefficients, -INF, $bound, $band->weight, max(1.0, $component->written->mix->mass / 25))];
    }
}
