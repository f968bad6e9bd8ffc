<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\Offer;
use Aglyca\Core\Swap\Purpose;

/** The solids of sweetener and flour together make up what the sugar and the flour did. */
final readonly class Bulk implements Rule
{
    public function rows(Component $component): array
    {
        $was = $component->written->sugars->solids + $component->written->flours->solids;
        if ($was <= 0) {
            return [];
        }
        $band = $component->family->band('bulk');
        $counts = static fn (Offer $o): bool => $o->purpose === Purpose::Sweet || $o->purpose === Purpose::Flour;
        $solids = static fn (Traits $t): float => $t->solids;
        $base = $component->candidates->base($solids, $counts);

        return [new Row(
            'bulk', $component->candidates->coefficients($solids, $counts),
            $band->low * $was - $base, $band->high * $was - $base, $band->weight, $was / 10,
        )];
    }
}
