<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/** What held the crumb is held by something else. */
final readonly class Structure implements Rule
{
    public function rows(Component $component): array
    {
        $was = $component->written->mix->hold;
        if ($component->sorting->flours === [] || $was <= 0) {
            return [];
        }
        $band = $component->family->band('structure');
        $fixed = $component->candidates->fixed->hold;

        return [new Row(
            'structure', $component->candidates->coefficients(static fn (Traits $t): float => $t->hold),
            $band->low * $was - $fixed, $band->high * $was - $fixed, $band->weight, $was / 10,
        )];
    }
}
