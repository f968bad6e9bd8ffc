<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/** Hard: no piece carries more net carbs than the kitchen's limit. */
final readonly class CarbLimit implements Rule
{
    public function __construct(private Constants $constants) {}

    public function rows(Component $component): array
    {
        $net = $component->allowance->net;
        if ($net === null) {
            return [];
        }

        return [Row::hard(
            'carbs', $component->candidates->coefficients(static fn (Traits $t): float => $t->net),
            $net - $component->candidates->fixed->net, $this->constants->get('hard-weight'),
            $component->allowance->pieces * $component->allowance->netAPiece,
        )];
    }
}
