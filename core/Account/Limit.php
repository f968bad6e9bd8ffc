<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Portioning;

/** A limit of net carbs for one sitting: how small a piece must be to keep it, and how many may be had. */
final readonly class Limit
{
    private const MOST_HAD = 20.0;

    /**
     * @param  ?int  $pieces  the fewest pieces that keep it; null where no number does
     * @param  ?float  $each  grams as mixed of such a piece
     * @param  float  $had  pieces that may be had, in halves
     * @param  ?float  $grams  grams as mixed that may be had; null where there are no carbs to count
     */
    private function __construct(
        public float $limit,
        public ?int $pieces,
        public ?float $each,
        public float $had,
        public ?float $grams,
    ) {}

    public static function of(Account $account, Accountant $accountant, Convention $convention, float $limit): self
    {
        $net = static fn (float $pieces): float => $accountant
            ->times($account->serving, $pieces, '')
            ->net($convention);
        $count = $account->formula->pieces;
        $whole = $net($count);
        // The clinic's thresholds are for a piece, so what a whole holds is no bound for its parts: at most half of it
        // is off.
        $fewest = max(1, (int) ceil($whole / $limit / ($convention === Convention::Clinic ? 2 : 1) - 1e-9));
        while ($fewest <= Portioning::MOST && $net($count / $fewest) > $limit + 1e-9) {
            $fewest++;
        }
        $had = 0.0;
        while ($had + 0.5 <= self::MOST_HAD && $net($had + 0.5) <= $limit + 1e-9) {
            $had += 0.5;
        }
        $one = $account->net($convention);

        $keeps = $fewest <= Portioning::MOST;

        return new self(
            $limit,
            $keeps ? $fewest : null,
            $keeps ? ($account->pieceMass() * $count) / $fewest : null,
            $had,
            $one > 0 ? ($account->pieceMass() * $limit) / $one : null,
        );
    }

    public function isMost(): bool
    {
        return $this->had >= self::MOST_HAD;
    }
}
