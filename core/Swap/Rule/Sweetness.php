<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap\Rule;

use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Component;
use Aglyca\Core\Swap\Offer;
use Aglyca\Core\Swap\Purpose;
use Aglyca\Core\Swap\SugarForm;

/** As sweet as was wished, for the sugars of each form on their own. */
final readonly class Sweetness implements Rule
{
    public function rows(Component $component): array
    {
        $rows = [];
        $band = $component->family->band('sweetness');
        $first = array_key_first(array_filter($component->sorting->sugars));
        $sweet = static fn (Traits $t): float => $t->sweetness;
        foreach (SugarForm::cases() as $form) {
            $wished = ($component->written->sweetness[$form->value] ?? 0.0) * $component->wishes->sweetness;
            $isMine = static fn (Offer $o): bool => ($o->purpose === Purpose::Sweet && $o->form === $form)
                || ($o->purpose === Purpose::Added && $form->value === $first);
            if ($wished > 0 && array_filter($component->candidates->offers, $isMine) !== []) {
                $base = $component->candidates->base($sweet, $isMine);
                $rows[] = new Row(
                    'sweetness', $component->candidates->coefficients($sweet, $isMine),
                    $band->low * $wished - $base, $band->high * $wished - $base, $band->weight, $wished / 10,
                );
            }
        }

        return $rows;
    }
}
