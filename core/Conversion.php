<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Plan\BakeChange;
use Aglyca\Core\Plan\PlannedStep;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Writing\WrittenRecipe;

/** Everything that follows from a document. */
final readonly class Conversion
{
    /**
     * @param  array<string, Property>  $properties
     * @param  list<Warning>  $warnings
     * @param  list<PlannedStep>  $steps
     */
    public function __construct(
        public Brief $document,
        public string $title,
        public Recipe $recipe,
        public Account $before,
        public Account $after,
        public Swap $swap,
        public array $properties,
        public array $warnings,
        public BakeChange $bake,
        public array $steps,
        public ?PanChange $pan = null,
    ) {}

    /** The family of the heaviest component. */
    public function family(): Family
    {
        return $this->swap->families[$this->swap->before->heaviest()];
    }

    /** The account of one side: as written, or swapped. */
    public function account(bool $swapped): Account
    {
        return $swapped ? $this->after : $this->before;
    }

    /** The dessert as it goes out: as written, or swapped with the steps that go with it. */
    public function written(bool $swapped): WrittenRecipe
    {
        $steps = $swapped ? array_map(static fn (PlannedStep $s): string => $s->text(), $this->steps) : array_map(static fn (Step $s): string => $s->text, $this->recipe->steps);

        $account = $this->account($swapped);

        return new WrittenRecipe($this->title, $this->recipe->pieceWord(), $this->recipe->pieceWord($account->formula->pieces), $steps, $account, $this->document->convention);
    }
}
