<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;

/** So much of each of some doses on one plate: a piece, two of them, 100 g, the whole, or a piece with its topping. */
final readonly class Serving
{
    /**
     * A record: a statement and what it was computed from.
     *
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     * @param  list<Nutrients>  $lines  what each dose brings
     * @param  array<string, list<float>>  $contributions  convention => grams of each dose
     * @param  list<int>  $floored  doses whose net carbs were below zero
     */
    public function __construct(
        public string $name,
        public array $doses,
        public array $shares,
        public array $lines,
        public Nutrients $sum,
        public array $contributions,
        public Uses $uses,
        public array $floored,
        public float $coverage,
    ) {}

    public function netCarbs(Convention $convention): Estimate
    {
        return $this->uses->netCarbs($convention, $this->contributions[$convention->value]);
    }

    /** @return list<Doubt> each dose's share of the variance */
    public function doubts(Convention $convention): array
    {
        return $this->uses->doubts($convention, $this->contributions[$convention->value]);
    }

    /** Grams as mixed. */
    public function mass(): float
    {
        return array_sum(
            array_map(static fn (Dose $d, float $s): float => $d->mass() * $s, $this->doses, $this->shares),
        );
    }
}
