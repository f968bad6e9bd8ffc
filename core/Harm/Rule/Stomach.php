<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Harm\Sitting;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Tables;

/** Sugar alcohols, allulose and soluble fibres of what is eaten at once, against what a body takes. */
final class Stomach implements Rule
{
    /** @var array<string, float> polyol => g a kg of body mass in one go */
    private array $tolerance = [];

    /** @var array<string, array<string, string>> food => row of `data/fibre_tolerances.csv` */
    private array $fibres;

    public function __construct(Tables $tables, private readonly Constants $constants)
    {
        foreach ($tables->rows('polyols') as $row) {
            if ($row['property'] === 'tolerance') {
                $this->tolerance[$row['polyol']] = (float) $row['value'];
            }
        }
        $this->fibres = $tables->keyed('fibre_tolerances', 'food');
    }

    public function of(Circumstances $all): array
    {
        return [
            ...$this->upset($all, $all->account, '') ?: $this->upset($all, $all->swap->account, 'As it is written: '),
            ...$this->laxative($all),
        ];
    }

    /**
     * @param  string  $side  in words; "" for the dessert that is proposed
     * @return list<Warning>
     */
    private function upset(Circumstances $all, Account $account, string $side): array
    {
        $isChild = $all->speaksOf('child', 'toddler', 'infant');
        $mass = $all->bodyMass ?? Sitting::bodyMassSaid($all)
            ?? $this->constants->get($isChild ? 'child-body-mass' : 'default-body-mass');
        $share = Sitting::share($all, $this->constants);
        $load = 0.0;
        $parts = [];
        foreach ($this->grams($account) as $name => [$grams, $limit]) {
            if ($grams * $share > 0 && $limit > 0) {
                $load += $grams * $share / ($limit * $mass);
                $parts[] = sprintf('%.0f g %s', $grams * $share, $name);
            }
        }
        $whose = match (true) {
            $isChild => sprintf('a child of %g kg', $mass),
            $all->bodyMass === null => sprintf('someone of %g kg', $mass),
            default => sprintf('a body of %g kg', $mass),
        };

        return $load <= 1 ? [] : [new Warning('tolerance', ucfirst($side.sprintf(
            '%s %s: more than %s usually takes in one go without stomach upset.',
            $share < 1 ? 'what one eats at once may hold' : 'one piece holds',
            implode(' and ', $parts),
            $whose,
        )), true)];
    }

    /** @return array<string, array{float, float}> name => g a piece, and g a kg of body mass that are borne */
    private function grams(Account $account): array
    {
        $found = [];
        foreach ([...$account->piece->polyols, 'allulose' => $account->piece->allulose] as $name => $grams) {
            $found[$name] = [$grams, $this->tolerance[$name] ?? 0.0];
        }
        foreach ($account->formula->doses as $dose) {
            $row = $this->fibres[$dose->food->key ?? ''] ?? null;
            if ($row !== null) {
                $per100 = $dose->known()->per100;
                $of = $row['counts'] === 'fibre' ? $per100->fibre : $per100->carbohydrate;
                $grams = $dose->mass() * $dose->used / $account->formula->pieces * $of / 100;
                $found[$row['name']] = [($found[$row['name']][0] ?? 0.0) + $grams, (float) $row['g_per_kg']];
            }
        }

        return $found;
    }

    /** @return list<Warning> */
    private function laxative(Circumstances $all): array
    {
        $mass = $all->account->pieceMass() * (1 - $all->bakeLoss());
        $share = $mass > 0 ? $all->account->piece->polyolGrams() / $mass : 0.0;

        return $share <= $this->constants->get('hard-polyol-share') ? [] : [new Warning('laxative', sprintf(
            'Sugar alcohols are %.0f %% of what is eaten; above 10 %% EU labels must say that excessive consumption may produce laxative effects.',
            $share * 100,
        ), true)];
    }
}
