<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;

/**
 * What a dessert holds, whole and a piece. Every figure that a screen, a print or an export shows of a
 * dessert's composition comes from here.
 */
final readonly class Account
{
    /**
     * @param  list<Nutrients>  $lines  of each dose, whole recipe
     * @param  array<string, Estimate>  $net  convention => grams a piece
     * @param  array<string, list<float>>  $contributions  convention => grams a piece of each dose
     * @param  array<string, list<Doubt>>  $doubts  convention => each dose's share of the variance
     * @param  list<int>  $floored  doses whose net carbs were below zero
     * @param  list<int>  $uncounted  doses with no known food or grams
     */
    public function __construct(
        public Formula $formula,
        public array $lines,
        public Nutrients $whole,
        public Nutrients $piece,
        public array $net,
        public array $contributions,
        public array $doubts,
        public array $floored,
        public array $uncounted,
        public float $coverage,
    ) {}

    public function netCarbs(Convention $convention): Estimate
    {
        return $this->net[$convention->value];
    }

    public function low(Convention $convention): float
    {
        return $this->netCarbs($convention)->low($this->coverage);
    }

    public function high(Convention $convention): float
    {
        return $this->netCarbs($convention)->high($this->coverage);
    }

    /** @return list<float> grams a piece, a dose each */
    public function contributions(Convention $convention): array
    {
        return $this->contributions[$convention->value];
    }

    /** Grams of one piece as mixed, before baking. */
    public function pieceMass(): float
    {
        return $this->formula->mass() / $this->formula->pieces;
    }

    /**
     * The doses that cause most of the range, most first.
     *
     * @return array<int, Doubt> by dose
     */
    public function worstDoubts(Convention $convention, int $most): array
    {
        $doubts = array_filter($this->doubts[$convention->value], static fn (Doubt $d): bool => $d->share > 0.02);
        uasort($doubts, static fn (Doubt $a, Doubt $b): int => $b->share <=> $a->share);

        return array_slice($doubts, 0, $most, true);
    }

    public function choices(float $gramsAChoice): float
    {
        return $this->piece->carbohydrate / $gramsAChoice;
    }
}
