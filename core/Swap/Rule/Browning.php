<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\Offer;
use Aglyca\Core\Swap\SugarForm;

/** Not darker than the family allows; what was written dark may stay as dark. */
final readonly class Browning implements Rule
{
    public function rows(Component $component): array
    {
        $band = $component->family->band('browning');
        $minutes = $component->browned;
        // What is browned by itself first is meant to be brown.
        $coefficients = $component->candidates->coefficients(
            static fn (Traits $t): float => $t->reducing * $minutes,
            static fn (Offer $o): bool => $o->form !== SugarForm::Caramel,
        );
        if ($minutes <= 0 || $band->weight <= 0 || max([0.0, ...$coefficients]) <= 0) {
            return [];
        }
        $before = $component->written->mix;
        $most = max($band->high, $before->browning($minutes));
        // Of the mass as written: more dough would thin the sugar out, but nobody bakes a larger loaf for that.
        $bound = $most * $before->mass - $component->candidates->fixed->reducing * $minutes;

        return [new Row('browning', $coefficients, -INF, $bound, $band->weight, max(1.0, $before->mass * $most / 10))];
    }
}
