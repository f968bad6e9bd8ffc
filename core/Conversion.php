<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Desk;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\ReadTopping;
use Aglyca\Core\Harm\Keep;
use Aglyca\Core\Harm\Safety;
use Aglyca\Core\Method\MethodPlan;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Writing\WrittenRecipe;

/** Everything that follows from a brief. */
final readonly class Conversion
{
    public string $title;

    /**
     * The parts of one answer, each from the room that makes it.
     *
     * @param  array<string, Property>  $properties
     * @param  list<Warning>  $warnings
     * @param  list<ReadTopping>  $toppings  as they were read
     */
    public function __construct(
        public Brief $brief,
        public Recipe $recipe,
        public Account $before,
        public Account $after,
        public Swap $swap,
        public array $properties,
        public array $warnings,
        private MethodPlan $method,
        public ?PanChange $pan,
        public array $toppings,
        private Desk $desk,
        public Safety $safety,
    ) {
        $this->title = $brief->title !== '' ? $brief->title : $recipe->title;
    }

    /** @return list<PlannedStep> the method of the swapped dessert */
    public function steps(): array
    {
        return $this->method->steps();
    }

    /** The family of the heaviest component. */
    public function family(): Family
    {
        return $this->swap->family();
    }

    /** How it keeps. */
    public function keep(Side $side): Keep
    {
        return $side === Side::Swapped ? $this->safety->keep : $this->safety->writtenKeep;
    }

    public function side(Side $side): DessertSide
    {
        return new DessertSide($this->account($side), $this->brief, $this->family(), $this->toppings, $this->desk);
    }

    public function account(Side $side): Account
    {
        return match ($side) {
            Side::Written => $this->before,
            Side::Swapped => $this->after,
        };
    }

    /** The dessert as it goes out, with the steps that go with it. */
    public function written(Side $side): WrittenRecipe
    {
        $account = $this->account($side);
        $steps = match ($side) {
            Side::Written => array_map(static fn (Step $s): string => $s->text, $this->recipe->steps),
            Side::Swapped => array_map(static fn (PlannedStep $s): string => $s->text(), $this->steps()),
        };

        $part = fn (PlannedStep $s): string => $s->component === null
            ? ''
            : $account->formula->components[$s->component] ?? '';

        return new WrittenRecipe(
            $this->title, $this->recipe->pieceWord(), $this->recipe->pieceWord($account->formula->pieces),
            $steps, $account, $this->brief->convention, $side === Side::Swapped ? array_map($part, $this->steps()) : [],
        );
    }
}
