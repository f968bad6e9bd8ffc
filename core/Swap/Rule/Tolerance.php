<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;

/** Hard: no piece holds more polyols and allulose than a stomach takes in one go. */
final readonly class Tolerance implements Rule
{
    public function __construct(private Constants $constants) {}

    public function rows(Component $component): array
    {
        $load = $component->allowance->load;
        if ($load === null) {
            return [];
        }

        return [
            Row::hard(
                'tolerance',
                $component->candidates->coefficients(static fn (Traits $t): float => $t->load),
                $load - $component->candidates->fixed->load,
                $this->constants->get('hard-weight'),
                $component->allowance->pieces,
            ),
        ];
    }
}
