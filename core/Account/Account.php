<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Nutrients;
use Aglyca\Core\Quantity\Estimate;

/**
 * What a dessert holds, whole and a piece. Every figure that a screen, a print or an export shows of a
 * dessert's composition comes from here.
 */
final readonly class Account
{
    public Nutrients $piece;

    public float $coverage;

    /**
     * @param  Serving  $serving  the mean full piece
     * @param  list<int>  $uncounted  doses with no known food or grams
     */
    public function __construct(
        public Formula $formula,
        public Serving $serving,
        public array $uncounted,
    ) {
        $this->piece = $serving->sum;
        $this->coverage = $serving->coverage;
    }

    /** All that goes in, what is left over among it. */
    public function whole(): Nutrients
    {
        $doses = $this->formula->doses;

        return Nutrients::sum(array_map(static fn (Dose $dose): Nutrients => $dose->nutrients(), $doses));
    }

    /** Grams a piece, without how sure they are. */
    public function net(Convention $convention): float
    {
        return $this->serving->net($convention);
    }

    public function netCarbs(Convention $convention): Estimate
    {
        return $this->serving->netCarbs($convention);
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
        return $this->serving->contributions($convention);
    }

    /** Grams of one piece as mixed, before baking. */
    public function pieceMass(): float
    {
        return $this->serving->mass();
    }

    /**
     * The doses that cause most of the range, most first.
     *
     * @return array<int, Doubt> by dose
     */
    public function worstDoubts(Convention $convention, int $most): array
    {
        $doubts = array_filter(
            $this->serving->doubts($convention),
            static fn (Doubt $d): bool => $d->share > 0.02,
        );
        uasort($doubts, static fn (Doubt $a, Doubt $b): int => $b->share <=> $a->share);

        return array_slice($doubts, 0, $most, true);
    }
}
