<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/** Fat as a share of the mass as written: it is not thinned with water. */
final readonly class Fat implements Rule
{
    public function __construct(private Constants $constants) {}

    public function rows(Component $component): array
    {
        $before = $component->written->mix;
        $was = $before->fatShare();
        if ($component->sorting->flours === [] || $was <= 0) {
            return [];
        }
        $band = $component->family->band('fat');
        $coefficients = $component->candidates->coefficients(static fn (Traits $t): float => $t->fat);
        $fixed = $component->candidates->fixed->fat;
        $most = max($band->high * $was, $this->constants->get('lean-fat'));
        $scale = max(1.0, $before->fat / 10);

        return [
            new Row('fat', $coefficients, $band->low * $was * $before->mass - $fixed, INF, $band->weight, $scale),
            new Row('fat', $coefficients, -INF, $most * $before->mass - $fixed, $band->weight, $scale),
        ];
    }
}
