<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\Offer;
use Aglyca\Core\Swap\Purpose;

/** What takes the place of sugar has body too: intense sweeteners lift sweetness but carry no bulk. */
final readonly class Body implements Rule
{
    public function rows(Component $component): array
    {
        $was = $component->written->sugars->solids;
        if ($was <= 0) {
            return [];
        }
        $band = $component->family->band('body');
        $counts = static fn (Offer $o): bool => $o->purpose === Purpose::Sweet;
        $solids = static fn (Traits $t): float => $t->solids;
        $base = $component->candidates->base($solids, $counts);

        return [new Row(
            'body', $component->candidates->coefficients($solids, $counts),
            $band->low * $was - $base, $band->high * $was - $base, $band->weight, $was / 10,
        )];
    }
}
