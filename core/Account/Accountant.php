<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;

/** Counts a formula by all conventions, with the range of each by the law of propagation of uncertainty. */
final readonly class Accountant
{
    public function __construct(private NetCarbs $netCarbs, private Constants $constants) {}

    public function count(Formula $formula): Account
    {
        $lines = [];
        $uncounted = [];
        $whole = new Nutrients;
        foreach ($formula->doses as $i => $dose) {
            $known = $dose->food !== null && $dose->grams !== null;
            $lines[$i] = $known ? $dose->food->nutrients($dose->grams->value) : new Nutrients;
            $whole = $known ? $whole->plus($lines[$i]) : $whole;
            if (! $known) {
                $uncounted[] = $i;
            }
        }
        $piece = $whole->times(1 / $formula->pieces);
        [$net, $contributions, $doubts, $floored] = [[], [], [], []];
        foreach (Convention::cases() as $convention) {
            [$net[$convention->value], $contributions[$convention->value], $doubts[$convention->value], $below]
                = $this->net($convention, $formula, $lines, $piece);
            $floored = [...$floored, ...$below];
        }

        return new Account($formula, $lines, $whole, $piece, $net, $contributions, $doubts, array_values(array_unique($floored)), $uncounted, $this->constants->get('coverage-factor'));
    }

    /**
     * The amounts are independent from line to line; a food's composition is one unknown wherever it stands.
     *
     * @param  list<Nutrients>  $lines
     * @return array{Estimate, list<float>, list<Doubt>, list<int>}
     */
    private function net(Convention $convention, Formula $formula, array $lines, Nutrients $piece): array
    {
        $contributions = [];
        $variances = [];
        $floored = [];
        $byFood = [];
        foreach ($formula->doses as $i => $dose) {
            $grams = $this->netCarbs->of($convention, $lines[$i], $piece) / $formula->pieces;
            if ($grams < 0) {
                // Rounding in the table alone can leave a hair below zero; more than that is a fault of the food's facts.
                if ($grams * $formula->pieces < -$this->constants->get('floor-slack') * $dose->mass()) {
                    $floored[] = $i;
                }
                $grams = 0.0;
            }
            $contributions[$i] = $grams;
            $variances[$i] = 0.0;
            if ($dose->food !== null && $dose->grams !== null && $dose->grams->value > 0) {
                $variances[$i] = ($grams * $dose->grams->u / $dose->grams->value) ** 2;
                $byFood[$dose->food->key.'|'.$dose->food->package][] = [$i, $grams, $dose->grams->value / $formula->pieces, $dose->food];
            }
        }
        $byAmount = $variances;
        foreach ($byFood as $uses) {
            $sum = array_sum(array_column($uses, 1));
            $mass = array_sum(array_column($uses, 2));
            foreach ($uses as [$i, $grams, $used, $food]) {
                $variances[$i] += $food->u ** 2 * $sum * $grams + ($food->netCarbsU / 100) ** 2 * $mass * $used;
            }
        }
        $variance = array_sum($variances);
        $doubts = array_map(static fn (float $v, float $a): Doubt => new Doubt($variance > 0 ? $v / $variance : 0.0, $variance > 0 ? $a / $variance : 0.0), $variances, $byAmount);

        return [Estimate::of(array_sum($contributions), sqrt($variance)), $contributions, $doubts, $floored];
    }
}
