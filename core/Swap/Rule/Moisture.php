<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/** Water for each gram of thirst, as the family allows it to differ. */
final readonly class Moisture implements Rule
{
    public function rows(Component $component): array
    {
        $before = $component->written->mix;
        $was = $before->moisture();
        if ($component->sorting->flours === [] || $was <= 0) {
            return [];
        }
        $band = $component->family->band('moisture');
        $free = static fn (float $ratio): \Closure => static fn (Traits $t): float => $t->water - $ratio * $t->thirst;
        [$least, $most] = [$free($band->low * $was), $free($band->high * $was)];
        $fixed = $component->candidates->fixed;
        $scale = max(1.0, $before->water / 10);

        return [
            new Row(
                'moisture',
                $component->candidates->coefficients($least),
                -$least($fixed),
                INF,
                $band->weight,
                $scale,
            ),
            new Row(
                'moisture',
                $component->candidates->coefficients($most),
                -INF,
                -$most($fixed),
                $band->weight,
                $scale,
            ),
        ];
    }
}
