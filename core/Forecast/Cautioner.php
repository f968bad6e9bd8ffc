<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Tables;

/** Where work can hurt someone: tolerance, dogs, allergens, the label's own warning, soda with sunflower. */
final class Cautioner
{
    /** @var array<string, float> polyol => g a kg of body mass in one go */
    private array $tolerance = [];

    public function __construct(Tables $tables, private readonly AcidBalance $acids, private readonly Constants $constants)
    {
        foreach ($tables->rows('polyols') as $row) {
            if ($row['property'] === 'tolerance') {
                $this->tolerance[$row['polyol']] = (float) $row['value'];
            }
        }
    }

    /** @return list<Warning> */
    public function cautions(Account $account): array
    {
        $formula = $account->formula;

        return [
            ...$this->uncounted($account),
            ...$this->tolerance($account),
            ...$this->xylitol($account),
            ...$this->laxative($account),
            ...$this->soda($formula),
            ...$this->allergens($formula),
        ];
    }

    /** @return list<Warning> */
    private function uncounted(Account $account): array
    {
        $names = [];
        foreach (array_filter($account->uncounted, static fn (int $i): bool => ! in_array(Flag::LeftOut, $account->formula->doses[$i]->flags, true)) as $i) {
            $names[] = '“'.mb_strimwidth($account->formula->doses[$i]->text, 0, 60, '…').'”';
        }

        return $names === [] ? [] : [new Warning('uncounted', 'Not in the totals, since its food or amount is not known: '.implode(', ', $names).'.')];
    }

    /** @return list<Warning> */
    private function tolerance(Account $account): array
    {
        $mass = $this->constants->get('default-body-mass');
        $load = 0.0;
        $parts = [];
        foreach ([...$account->piece->polyols, 'allulose' => $account->piece->allulose] as $name => $grams) {
            $limit = ($this->tolerance[$name] ?? 0.0) * $mass;
            if ($grams > 0 && $limit > 0) {
                $load += $grams / $limit;
                $parts[] = sprintf('%.0f g %s', $grams, $name);
            }
        }

        return $load <= 1 ? [] : [new Warning('tolerance', sprintf('One piece holds %s: more than most people of %.0f kg take in one go without stomach upset.', implode(' and ', $parts), $mass))];
    }

    /** @return list<Warning> */
    private function xylitol(Account $account): array
    {
        return ($account->whole->polyols['xylitol'] ?? 0.0) > 0 ? [new Warning('xylitol-dogs', 'Contains xylitol, which is dangerous to dogs even in small amounts: keep it and the crumbs out of reach.')] : [];
    }

    /** @return list<Warning> */
    private function laxative(Account $account): array
    {
        $mass = $account->formula->mass();
        $share = $mass > 0 ? $account->whole->polyolGrams() / $mass : 0.0;

        return $share > $this->constants->get('hard-polyol-share') ? [new Warning('laxative', sprintf('Sugar alcohols are %.0f %% of the mix; above 10 %% EU labels must say that excessive consumption may produce laxative effects.', $share * 100))] : [];
    }

    /**
     * Left-over soda tastes of soap and darkens the crumb; with sunflower seed it turns green.
     *
     * @return list<Warning>
     */
    private function soda(Formula $formula): array
    {
        $left = $formula->gramsOf('baking-soda') > 0 ? $this->acids->leftOverSoda($formula) : 0.0;
        $allowed = $this->constants->get('leftover-soda') * $formula->mass() / $this->constants->get('leftover-mass');
        $warnings = [];
        if ($left > $allowed) {
            $vinegar = $left * $this->acids->equivalents('sodium-bicarbonate', 1.0) / max(1e-9, $this->acids->equivalents('acetic', 0.05));
            $warnings[] = new Warning('leftover-soda', sprintf('%.1f g of the baking soda find no acid: soapy, and a dark crumb. %.0f g of vinegar would use it up; mix it in last, and it foams at once.', $left, $vinegar));
        }
        if ($formula->gramsOf('sunflower-seed-flour') > 0 && ($left > 0 || $formula->gramsOf('baking-powder') > 0)) {
            $warnings[] = new Warning('sunflower-soda', 'Sunflower seed flour may turn green with left-over soda: harmless; a spoon of lemon juice or vinegar keeps it pale.');
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function allergens(Formula $formula): array
    {
        $found = [];
        foreach ($formula->doses as $dose) {
            foreach ($dose->food->allergens ?? [] as $allergen) {
                [$kind, $which] = [...explode(':', $allergen), ''];
                $found[$which === '' ? $kind : "$kind ($which)"] = true;
            }
        }

        return $found === [] ? [] : [new Warning('allergens', 'Contains '.implode(', ', array_keys($found)).'.')];
    }
}
