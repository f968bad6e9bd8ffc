<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;

/** Counts servings by all conventions, with the range of each figure by the law of propagation of uncertainty. */
final readonly class Accountant
{
    public function __construct(private NetCarbs $netCarbs, private Spreads $spreads, private Constants $constants) {}

    public function count(Formula $formula): Account
    {
        $piece = $this->serve('a piece', $formula->doses, $formula->shares());
        $uncounted = array_keys(array_filter($formula->doses, static fn (Dose $dose): bool => ! $dose->isCounted()));

        return new Account($formula, $piece, $uncounted);
    }

    /**
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     */
    public function serve(string $name, array $doses, array $shares): Serving
    {
        $lines = [];
        foreach ($doses as $i => $dose) {
            $lines[] = $dose->isCounted() && $shares[$i] > 0
                ? $dose->food->nutrients($dose->grams->value * $shares[$i])
                : new Nutrients;
        }

        return new Serving(
            $name,
            $doses,
            $shares,
            $lines,
            Nutrients::sum($lines),
            $this->netCarbs,
            new Uses($doses, $shares, $this->spreads, $this->constants),
            $this->constants->get('floor-slack'),
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
        return $serving->uses->estimate(
            array_map($figure->of(...), $serving->lines),
            static fn (FoodUse $use): float => $use->food->labelU[$figure->value] ?? 0.0,
        );
    }

    public function polyol(Serving $serving, string $polyol): Estimate
    {
        return $serving->uses->estimate(
            array_map(static fn (Nutrients $n): float => $n->polyols[$polyol] ?? 0.0, $serving->lines),
            static fn (FoodUse $use): float => isset($use->food->per100->polyols[$polyol])
                ? $use->food->labelU[Figure::Polyols->value] ?? 0.0
                : 0.0,
        );
    }
}
