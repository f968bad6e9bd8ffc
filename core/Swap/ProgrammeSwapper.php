<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Family\Appliances;
use Aglyca\Core\Family\Families;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Family\Signs;
use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;

/**
 * The swap as one programme a component: all rules as rows, the exact optimum, eggs whole, amounts snapped to
 * what a kitchen measures. The rows that bind are the reasons.
 */
final readonly class ProgrammeSwapper
{
    /** The steps of one swap meet here: each service does one of them. */
    private Exchanger $exchanger;

    private OneBag $bags;

    private Leavening $leavening;

    private OvenChooser $ovens;

    private Chooser $chooser;

    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private Families $families,
        private Accountant $accountant,
        private Sorter $sorter,
        private ProblemMaker $problems,
        private PartMaker $parts,
        private Reasons $reasons,
        private Constants $constants,
        AcidBalance $acids,
        Appliances $appliances,
    ) {
        $this->exchanger = new Exchanger($larder, $schools, $parts, $reasons, $constants);
        $this->bags = new OneBag($larder, $schools, $parts);
        $this->leavening = new Leavening($larder, $this->exchanger, $parts, $constants, $acids);
        $this->ovens = new OvenChooser($schools, $appliances);
        $this->chooser = new Chooser($larder);
    }

    /**
     * @param  list<Family>  $families  by component
     * @param  OvenPlan  $written  as the method has it
     */
    public function swap(
        Formula $formula,
        array $families,
        Wishes $wishes,
        OvenPlan $written,
        ?PanChange $pan = null,
    ): Swap {
        $this->schools->mix($wishes->sweetener);
        $this->schools->school($wishes->school);
        $account = $this->accountant->count($formula);
        $sortings = $this->sortings($account, $wishes);
        $oven = $this->ovens->oven($formula, $sortings, $families, $wishes, $written)->inPan($pan);
        $problems = $this->problems->problems($formula, $sortings, $families, $wishes, $oven);
        $chosen = array_map($this->chooser->choose(...), $problems);
        $costs = $account->contributions(Convention::LowCarb);
        [$exchanges, $bindings] = [[], []];
        foreach ($chosen as $choice) {
            array_push($exchanges, ...$this->exchanger->exchanges($formula, $choice, $costs, $wishes));
            array_push($bindings, ...$this->reasons->bindings($formula, $choice));
        }
        $exchanges = $this->leavening->balanced($formula, $this->bags->of($formula, $exchanges), $wishes);
        usort(
            $exchanges,
            static fn (Exchange $a, Exchange $b): int => [$a->component, $a->role->position(), $a->from[0] ?? 0] <=> [
                $b->component,
                $b->role->position(),
                $b->from[0] ?? 0,
            ],
        );

        $triangle = Triangle::of($this->sweetest($formula, $chosen), $this->larder, $wishes);

        return new Swap(
            $wishes,
            $exchanges,
            $account,
            $this->exchanger->after($formula, $exchanges),
            $families,
            $oven,
            $bindings,
            $triangle,
        );
    }

    /**
     * The component with most of the sugar.
     *
     * @param  list<Chosen>  $chosen
     */
    private function sweetest(Formula $formula, array $chosen): ?Chosen
    {
        $best = null;
        foreach ($chosen as $choice) {
            $grams = array_sum(
                array_map(
                    static fn (int $i): float => $formula->doses[$i]->mass(),
                    $choice->problem->component->sorting->allSugars(),
                ),
            );
            if ($grams > ($best[0] ?? 0.0)) {
                $best = [$grams, $choice];
            }
        }

        return $best[1] ?? null;
    }

    /** @return list<Family> by component */
    public function familiesOf(Formula $formula, Wishes $wishes): array
    {
        return array_map(
            fn (int $i, string $name): Family => $this->families->get(
                $wishes->families[$i] ??
                    $this->families->propose(
                        $formula->title,
                        $name,
                        $i === 0,
                        Signs::of($formula, $i, $this->constants),
                    ),
            ),
            array_keys($formula->components),
            $formula->components,
        );
    }

    /**
     * What else each component could be.
     *
     * @param  list<Family>  $families
     * @return list<?Family>
     */
    public function runnersUp(Formula $formula, array $families): array
    {
        return array_map(
            function (int $i, string $name) use ($formula, $families): ?Family {
                $signs = Signs::of($formula, $i, $this->constants);
                $other = $this->families->runnerUp($i === 0 ? $formula->title : '', $name, $families[$i]->key, $signs);

                return $other === null ? null : $this->families->get($other);
            },
            array_keys($formula->components),
            $formula->components,
        );
    }

    /**
     * The programmes of a dessert, a component each, before eggs are made whole.
     *
     * @return list<Problem>
     */
    public function lay(Formula $formula, Wishes $wishes, OvenPlan $written): array
    {
        $families = $this->familiesOf($formula, $wishes);
        $sortings = $this->sortings($this->accountant->count($formula), $wishes);
        $oven = $this->ovens->oven($formula, $sortings, $families, $wishes, $written);

        return $this->problems->problems($formula, $sortings, $families, $wishes, $oven);
    }

    /** @return list<Sorting> a component each */
    private function sortings(Account $account, Wishes $wishes): array
    {
        return array_map(
            fn (int $c): Sorting => $this->sorter->sort($account->formula, $account, $c, $wishes),
            array_keys($account->formula->components),
        );
    }
}
