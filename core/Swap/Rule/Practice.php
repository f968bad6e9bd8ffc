<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Family\Band;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\Purpose;

/** Each ingredient near the proportion that its school or mix goes by. */
final readonly class Practice implements Rule
{
    public function rows(Component $component): array
    {
        $rows = [];
        foreach ($component->candidates->offers as $i => $offer) {
            if ($offer->practice <= 0) {
                continue;
            }
            $coefficients = array_fill(0, count($component->candidates->offers), 0.0);
            $coefficients[$i] = 1.0;
            $row = static fn (Band $band): Row => new Row(
                'practice', $coefficients, $band->low * $offer->practice, $band->high * $offer->practice,
                $band->weight, $offer->practice, of: $i,
            );
            $isSweet = $offer->purpose === Purpose::Sweet;
            $rows[] = $row($component->family->band($isSweet ? 'practice-sweet' : 'practice'));
            if ($offer->purpose === Purpose::Flour || $offer->purpose === Purpose::Lift) {
                $rows[] = $row($component->family->band('practice-flour'));
            }
        }

        return $rows;
    }
}
