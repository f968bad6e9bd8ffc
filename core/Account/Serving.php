<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;

/** So much of each of some doses on one plate: a piece, two of them, 100 g, the whole, or a piece with its topping. */
final class Serving
{
    /** @var array<string, array{list<float>, list<int>}> by convention: grams of each dose, and the doses below zero */
    private array $counted = [];

    /** @var array<string, Estimate> by convention */
    private array $estimates = [];

    /**
     * A record: a statement and what it was computed from.
     *
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     * @param  list<Nutrients>  $lines  what each dose brings
     * @param  float  $slack  what a table's rounding may take from a gram of a food below no net carbs
     */
    public function __construct(
        public readonly string $name,
        public readonly array $doses,
        public readonly array $shares,
        public readonly array $lines,
        public readonly Nutrients $sum,
        private readonly NetCarbs $netCarbs,
        public readonly Uses $uses,
        private readonly float $slack,
        public readonly float $coverage,
    ) {}

    /** Grams, without how sure they are. */
    public function net(Convention $convention): float
    {
        return array_sum($this->contributions($convention));
    }

    public function netCarbs(Convention $convention): Estimate
    {
        return $this->estimates[$convention->value] ??=
            $this->uses->netCarbs($convention, $this->contributions($convention));
    }

    /** @return list<float> net carbs of each dose, floored at zero */
    public function contributions(Convention $convention): array
    {
        return $this->counted($convention)[0];
    }

    /** @return list<int> doses whose net carbs are below zero, by any convention, by more than a table's rounding */
    public function floored(): array
    {
        $floored = array_map(fn (Convention $c): array => $this->counted($c)[1], Convention::cases());

        return array_values(array_unique(array_merge(...$floored)));
    }

    /** @return list<Doubt> each dose's share of the variance */
    public function doubts(Convention $convention): array
    {
        return $this->uses->doubts($convention, $this->contributions($convention));
    }

    /** Grams as mixed. */
    public function mass(): float
    {
        return array_sum(
            array_map(static fn (Dose $d, float $s): float => $d->mass() * $s, $this->doses, $this->shares),
        );
    }

    /** @return array{list<float>, list<int>} */
    private function counted(Convention $convention): array
    {
        return $this->counted[$convention->value] ??= $this->count($convention);
    }

    /** @return array{list<float>, list<int>} */
    private function count(Convention $convention): array
    {
        [$contributions, $floored] = [[], []];
        foreach ($this->lines as $i => $nutrients) {
            $grams = $this->netCarbs->of($convention, $nutrients, $this->sum);
            if ($grams < 0 && $grams < -$this->slack * $this->doses[$i]->mass() * $this->shares[$i]) {
                $floored[] = $i;
            }
            $contributions[] = max(0.0, $grams);
        }

        return [$contributions, $floored];
    }
}
