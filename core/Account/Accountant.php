<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;
use Closure;

/** Counts servings by all conventions, with the range of each figure by the law of propagation of uncertainty. */
final readonly class Accountant
{
    public function __construct(private NetCarbs $netCarbs, private Spreads $spreads, private Constants $constants) {}

    public function count(Formula $formula): Account
    {
        $piece = $this->serve('a piece', $formula->doses, $formula->shares());
        $lines = [];
        $uncounted = [];
        $whole = new Nutrients;
        foreach ($formula->doses as $i => $dose) {
            $line = $dose->isCounted() ? $dose->food->nutrients($dose->grams->value) : new Nutrients;
            $lines[] = $line;
            $whole = $whole->plus($line);
            if (! $dose->isCounted()) {
                $uncounted[] = $i;
            }
        }

        return new Account($formula, $lines, $whole, $piece, $uncounted);
    }

    /**
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     */
    public function serve(string $name, array $doses, array $shares): Serving
    {
        $lines = [];
        $sum = new Nutrients;
        foreach ($doses as $i => $dose) {
            $line =
                $dose->isCounted() && $shares[$i] > 0
                    ? $dose->food->nutrients($dose->grams->value * $shares[$i])
                    : new Nutrients;
            $lines[] = $line;
            $sum = $sum->plus($line);
        }
        $uses = $this->uses($doses, $shares);
        [$net, $contributions, $doubts, $floored] = [[], [], [], []];
        foreach (Convention::cases() as $convention) {
            [$grams, $below] = $this->contributions($convention, $doses, $shares, $lines, $sum);
            [$net[$convention->value], $doubts[$convention->value]] = $this->estimate(
                $uses, $grams, static fn (Food $food): float => $food->netCarbsU,
                static fn (FoodUse $use): float => $use->spread->net($convention),
            );
            $contributions[$convention->value] = $grams;
            $floored = [...$floored, ...$below];
        }

        return new Serving(
            $name,
            $doses,
            $shares,
            $lines,
            $sum,
            $net,
            $contributions,
            $doubts,
            array_values(array_unique($floored)),
            $this->constants->get('coverage-factor'),
        );
    }

    /** So many times a serving. */
    public function times(Serving $serving, float $factor, string $name): Serving
    {
        return $this->serve(
            $name,
            $serving->doses,
            array_map(static fn (float $share): float => $share * $factor, $serving->shares),
        );
    }

    /** @param  list<Dose>  $more  on top of the serving, whole */
    public function plus(Serving $serving, array $more, string $name): Serving
    {
        return $this->serve(
            $name,
            [...$serving->doses, ...$more],
            [...$serving->shares, ...array_fill(0, count($more), 1.0)],
        );
    }

    /** A figure of a serving with its uncertainty. */
    public function figure(Serving $serving, Figure $figure): Estimate
    {
        return $this->estimate(
            $this->uses($serving->doses, $serving->shares),
            array_map($figure->of(...), $serving->lines),
            static fn (Food $food): float => $food->labelU[$figure->value] ?? 0.0,
        )[0];
    }

    public function polyol(Serving $serving, string $polyol): Estimate
    {
        return $this->estimate(
            $this->uses($serving->doses, $serving->shares),
            array_map(static fn (Nutrients $n): float => $n->polyols[$polyol] ?? 0.0, $serving->lines),
            static fn (Food $food): float => isset($food->per100->polyols[$polyol])
                ? $food->labelU[Figure::Polyols->value] ?? 0.0
                : 0.0,
        )[0];
    }

    /**
     * Net carbs of each dose, floored at zero.
     *
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares
     * @param  list<Nutrients>  $lines
     * @return array{list<float>, list<int>} grams, and the doses that were below zero by more than a table's rounding
     */
    private function contributions(
        Convention $convention,
        array $doses,
        array $shares,
        array $lines,
        Nutrients $sum,
    ): array {
        [$contributions, $floored] = [[], []];
        foreach ($lines as $i => $nutrients) {
            $grams = $this->netCarbs->of($convention, $nutrients, $sum);
            if ($grams < -$this->constants->get('floor-slack') * $doses[$i]->mass() * $shares[$i]) {
                $floored[] = $i;
            }
            $contributions[] = max(0.0, $grams);
        }

        return [$contributions, $floored];
    }

    /**
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares
     */
    private function uses(array $doses, array $shares): Uses
    {
        return Uses::of($doses, $shares, $this->spreads, $this->constants);
    }

    /**
     * The amounts are independent from line to line; a food's composition is one unknown wherever it stands.
     *
     * @param  list<float>  $contributions  of each dose
     * @param  Closure(Food): float  $label  uncertainty that a label's rounding leaves, in 100 g of the food
     * @param  ?Closure(FoodUse): float  $composition  of the figure in 100 g; null takes the food's own share of the
     *     figure
     * @return array{Estimate, list<Doubt>}
     */
    private function estimate(Uses $uses, array $contributions, Closure $label, ?Closure $composition = null): array
    {
        $byAmount = array_map(
            static fn (float $grams, float $relative): float => $grams ** 2 * $relative,
            $contributions,
            $uses->relative,
        );
        $variances = $byAmount;
        foreach ($uses->foods as $use) {
            $sum = array_sum(array_intersect_key($contributions, $use->grams));
            $byMass = ($label($use->food) / 100) ** 2 + ($composition === null ? 0.0 : ($composition($use) / 100) ** 2);
            $byShare = $composition === null ? $use->food->u ** 2 : 0.0;
            $mass = $use->mass();
            foreach ($use->grams as $i => $grams) {
                $variances[$i] += $byShare * $sum * $contributions[$i] + $byMass * $mass * $grams;
            }
        }
        $variance = array_sum($variances);
        $doubts = array_map(
            static fn (float $v, float $a): Doubt => new Doubt(
                $variance > 0 ? $v / $variance : 0.0,
                $variance > 0 ? $a / $variance : 0.0,
            ),
            $variances,
            $byAmount,
        );

        return [Estimate::of(array_sum($contributions), sqrt($variance)), $doubts];
    }
}
