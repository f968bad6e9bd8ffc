<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\Offer;
use Aglyca\Core\Swap\Purpose;

/** Allulose draws water: little of it in what is to stay crisp, much in what is to stay soft. */
final readonly class Draw implements Rule
{
    public function rows(Component $component): array
    {
        $band = $component->family->band('draw');
        $was = $component->written->sugars->solids;
        if ($band->weight <= 0 || $was <= 0) {
            return [];
        }
        $counts = static fn (Offer $o): bool => $o->purpose === Purpose::Sweet;
        $solids = static fn (Traits $t): float => $t->solids;
        $allulose = static fn (Traits $t): float => $t->allulose;
        $rows = [];
        // A share is linear once it is multiplied out: allulose − share × solids on the right side of nothing.
        foreach (['high' => $band->high, 'low' => $band->low] as $side => $share) {
            $row = static fn (Traits $t): float => $allulose($t) - $share * $solids($t);
            $coefficients = $component->candidates->coefficients($row, $counts);
            $base = $component->candidates->base($row, $counts);
            if ($side === 'high' && $share < 1) {
                $rows[] = new Row('draw', $coefficients, -INF, -$base, $band->weight, $was / 10);
            } elseif (
                $side === 'low' &&
                $share > 0 &&
                max([0.0, ...$component->candidates->coefficients($allulose, $counts)]) > 0
            ) {
                $rows[] = new Row('draw', $coefficients, -$base, INF, $band->weight, $was / 10);
            }
        }

        return $rows;
    }
}
