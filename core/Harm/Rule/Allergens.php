<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Allergen;
use Aglyca\Core\Harm\AllergenList;
use Aglyca\Core\Harm\Circumstances;

/** What it holds, what the swap brings into it, and what a line that was not understood may hold. */
final readonly class Allergens implements Rule
{
    public function __construct(private AllergenList $list) {}

    public function of(Circumstances $all): array
    {
        $text = static fn (Allergen $a): string => $a->text();
        $held = $this->list->in($all->after);
        $new = $all->isSwapped() ? $this->list->brought($all->before, $all->after) : [];
        $possible = $this->list->possible($all->after);
        $lists = array_filter(array_map(static fn (Allergen $a): string => $a->lists(), $held));
        $warnings = [];
        if ($held !== []) {
            $warnings[] = new Warning('allergens', sprintf(
                'Allergens, by the EU and US lists: %s.%s',
                implode(', ', array_map($text, $held)),
                $lists === [] ? '' : ' '.ucfirst(implode('; ', $lists)).'.',
            ), true);
        }
        if ($new !== []) {
            $warnings[] = new Warning('allergens-new', 'New in it, brought in by the swap: '.
                implode(', ', array_map($text, $new)).'.', true);
        }
        if ($possible !== []) {
            $warnings[] = new Warning('allergens-possible', 'May contain '.
                implode(', ', array_map($text, $possible)).': read the label of what you use.', true);
        }
        // Lupin is kin to the peanut: who reacts to the one may react to the other.
        if (in_array('lupin', array_column($new, 'kind'), true)) {
            $warnings[] = new Warning('lupin-peanut', 'Lupin is kin to peanut: who avoids peanut may react to it.', true);
        }

        return $warnings;
    }
}
