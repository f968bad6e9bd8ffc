<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Forecast\Care;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Said;
use Aglyca\Core\Swap\Swap;

/** All that bears on whether a dessert can hurt someone. */
final readonly class Circumstances
{
    public Formula $after;

    public Formula $before;

    /**
     * @param  list<Said>  $said
     * @param  list<Care>  $care  by component
     * @param  ?float  $bodyMass  kg of whom it is for; null for the usual
     */
    public function __construct(
        public Recipe $recipe,
        public array $said,
        public Swap $swap,
        public Account $account,
        public array $care,
        public ?float $bodyMass,
        public Convention $convention = Convention::LowCarb,
    ) {
        [$this->before, $this->after] = [$swap->before, $account->formula];
    }

    /** Whether the text speaks of one of these. */
    public function speaksOf(string ...$topics): bool
    {
        return $this->sayings(...$topics) !== [];
    }

    /** @return list<Said> */
    public function sayings(string ...$topics): array
    {
        return array_values(
            array_filter($this->said, static fn (Said $s): bool => in_array($s->topic, $topics, true)),
        );
    }

    /** Grams of a dose in a piece. */
    public function inAPiece(Dose $dose): float
    {
        return $dose->mass() * $dose->used / $this->after->pieces;
    }

    /** Share of the mixed mass that goes into the air. */
    public function bakeLoss(): float
    {
        return $this->swap->family()->bakeLoss;
    }

    /** Something takes the place of something. */
    public function isSwapped(): bool
    {
        foreach ($this->swap->exchanges as $exchange) {
            if ($exchange->changed) {
                return true;
            }
        }

        return false;
    }
}
