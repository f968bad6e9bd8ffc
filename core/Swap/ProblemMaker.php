<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Swap\Rule\Rule;

/** Lays the choices of a dessert out, a component each, and puts the rules to them. */
final readonly class ProblemMaker
{
    /** @param  list<Rule>  $rules  in the order of their rows */
    public function __construct(
        private Assayer $assayer,
        private CandidateMaker $candidates,
        private SweetOffers $sweet,
        private Constants $constants,
        private array $rules,
    ) {}

    /**
     * @param  list<Sorting>  $sortings  a component each
     * @param  list<Family>  $families  likewise
     * @return list<Problem>
     */
    public function problems(Formula $formula, array $sortings, array $families, Wishes $wishes, OvenPlan $oven): array
    {
        $components = array_map(
            fn (Sorting $s, Family $f): Component => $this->component($formula, $s, $f, $wishes, $oven),
            $sortings, $families,
        );

        return array_map($this->ruled(...), $this->allowed($formula, $components, $wishes));
    }

    private function component(
        Formula $formula,
        Sorting $sorting,
        Family $family,
        Wishes $wishes,
        OvenPlan $oven,
    ): Component {
        $sorting = $this->candidates->possible($sorting, $family, $wishes);
        $doses = static fn (array $lines): array => array_map(static fn (int $i): Dose => $formula->doses[$i], $lines);
        $mine = array_filter($formula->doses, static fn (Dose $d): bool => $d->component === $sorting->component);
        $written = new Written(
            $this->assayer->mix($mine),
            $this->assayer->mix($doses($sorting->allSugars())),
            $this->assayer->mix($doses($sorting->flours)),
            array_map(fn (array $lines): float => $this->sweet->sweetnessOf($formula, $lines), $sorting->sugars),
        );

        return new Component(
            $sorting, $family, $wishes, $written, $this->candidates->candidates($formula, $sorting, $family, $wishes),
            $oven->minutesAtReference($family), Allowance::none(),
        );
    }

    /**
     * The limits a piece, which all components share in the proportion of what is usual in each.
     *
     * @param  list<Component>  $components
     * @return list<Component>
     */
    private function allowed(Formula $formula, array $components, Wishes $wishes): array
    {
        $usual = array_map(static fn (Component $c) => $c->candidates->usual(), $components);
        [$load, $net] = [array_sum(array_column($usual, 'load')), array_sum(array_column($usual, 'net'))];
        $doses =
            ($wishes->kitchen->bodyMass ?? $this->constants->get('default-body-mass')) /
            $this->constants->get('default-body-mass');
        $allowed = [];
        foreach ($components as $i => $component) {
            $allowed[] = $component->allowed(
                new Allowance(
                    $formula->pieces,
                    $load > 0 ? ($formula->pieces * $doses * $usual[$i]->load) / $load : null,
                    $wishes->kitchen->netCarbs !== null && $net > 0
                        ? ($formula->pieces * $wishes->kitchen->netCarbs * $usual[$i]->net) / $net
                        : null,
                    $wishes->kitchen->netCarbs ?? 0.0,
                ),
            );
        }

        return $allowed;
    }

    private function ruled(Component $component): Problem
    {
        /** @var list<list<Row>> $rows */
        $rows = array_map(static fn (Rule $r): array => $r->rows($component), $this->rules);

        return new Problem($component, array_merge(...$rows));
    }
}
