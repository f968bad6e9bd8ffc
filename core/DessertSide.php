<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Cost;
use Aglyca\Core\Account\Desk;
use Aglyca\Core\Account\Kind;
use Aglyca\Core\Account\Limit;
use Aglyca\Core\Account\Serving;
use Aglyca\Core\Account\Statement;
use Aglyca\Core\Account\WhatIf;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Formula\Batch;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\ReadTopping;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Quantity\Estimate;

/** One side of a converted dessert, and the servings that it is told by. */
final readonly class DessertSide
{
    /** @param  list<ReadTopping>  $toppings */
    public function __construct(
        public Account $account,
        private Brief $brief,
        private Family $family,
        private array $toppings,
        private Desk $desk,
    ) {}

    /** The mean full piece. */
    public function piece(): Serving
    {
        return $this->account->serving;
    }

    /** The piece as it is eaten: with its toppings, as often as it is eaten. */
    public function eaten(): Serving
    {
        $times = $this->brief->portions->eaten;
        $piece = $this->desk->accountant->plus(
            $this->piece(),
            array_merge(...array_column($this->toppings, 'doses'), ...[[]]),
            'a piece',
        );

        return $times === 1.0 ? $piece : $this->desk->accountant->times($piece, $times, 'eaten');
    }

    /** A piece with one of its toppings. */
    public function topped(ReadTopping $topping): Serving
    {
        return $this->desk->accountant->plus($this->piece(), $topping->doses, $topping->name);
    }

    /** A topping alone. */
    public function alone(ReadTopping $topping): Serving
    {
        return $this->desk->accountant->serve(
            $topping->name,
            $topping->doses,
            array_fill(0, count($topping->doses), 1.0),
        );
    }

    /** A hundred grams of it as it is served: what went into the air is gone. */
    public function hundred(): ?Serving
    {
        $baked = $this->account->pieceMass() * (1 - $this->batch()->loss());

        return $baked > 0 ? $this->desk->accountant->times($this->piece(), 100 / $baked, '100 g') : null;
    }

    /** All pieces together, small ones among them. */
    public function all(): Serving
    {
        return $this->desk->sharer->all($this->account);
    }

    /** @return list<Kind> at least one */
    public function kinds(): array
    {
        return $this->desk->sharer->kinds($this->account);
    }

    /** What is in no piece. */
    public function left(): Serving
    {
        return $this->desk->sharer->left($this->account);
    }

    /** What is added to one piece at the table; null where nothing is. */
    public function atTable(): ?Serving
    {
        return $this->desk->sharer->atTable($this->account);
    }

    public function withTable(): ?Serving
    {
        return $this->desk->sharer->withTable($this->account);
    }

    /** The mean piece without one of its components. */
    public function without(int $component): Serving
    {
        return $this->desk->sharer->without($this->account, $component);
    }

    public function batch(): Batch
    {
        return $this->account->formula->layout->cut->batch
            ?? Batch::of(max(1e-6, $this->account->formula->batchMass()), $this->family->bakeLoss);
    }

    /** @param  list<Serving>  $servings */
    public function statement(array $servings): Statement
    {
        return Statement::of($this->desk->accountant, $servings, $this->brief->convention);
    }

    /** @param  float  $grams  of net carbs for one sitting */
    public function limit(float $grams): Limit
    {
        return Limit::of($this->account, $this->desk->accountant, $this->brief->convention, $grams);
    }

    public function cost(): Cost
    {
        return Cost::of($this->account->formula, $this->desk->constants->get('spoon-limit-ml'));
    }

    public function whatIf(): WhatIf
    {
        return $this->desk->whatIf;
    }

    /**
     * Carbohydrate choices of a serving.
     *
     * @param  ?Convention  $convention  null for its total carbohydrate
     */
    public function choices(Serving $serving, ?Convention $convention = null): float
    {
        $grams = $convention === null ? $serving->sum->carbohydrate : $serving->net($convention);

        return $grams / $this->desk->constants->get('carb-choice');
    }

    /** Grams of net carbs that so much more of a food would add to a piece. */
    public function costOf(Food $food, float $grams): float
    {
        $more = new Dose('', $food, Estimate::exactly($grams / $this->account->formula->pieces));
        $then = $this->desk->accountant->plus($this->piece(), [$more], '');

        return $then->net($this->brief->convention) -
            $this->account->net($this->brief->convention);
    }
}
