<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\FreeWater;
use Aglyca\Core\Swap\Offer;

/**
 * Sugar alcohols stay within what the water left dissolves, in the fridge where it is kept there; where crystals are
 * wanted there is no such row.
 */
final readonly class Grain implements Rule
{
    public function __construct(private Constants $constants) {}

    public function rows(Component $component): array
    {
        $band = $component->family->band('grain');
        $coefficients = $component->candidates->coefficients(
            static fn (Traits $t): float => $t->crystal,
            static fn (Offer $o): bool => ! $o->form->isOutside(),
        );
        if ($band->weight <= 0 || max([0.0, ...$coefficients]) <= 0) {
            return [];
        }
        $share = $band->high * Solubility::at($component->family, $this->constants);
        $bound = $share * FreeWater::of($component, $this->constants) - $component->candidates->fixed->crystal;

        return [
            new Row('grain', $coefficients, -INF, $bound, $band->weight, max(1.0, $component->written->mix->mass / 25)),
        ];
    }
}
