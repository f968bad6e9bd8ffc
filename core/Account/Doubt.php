<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

/**
 * A dose's share of the variance of a piece's net carbs, 0 to 1, and how much of the whole variance its amount alone
 * causes.
 */
final readonly class Doubt
{
    public function __construct(public float $share, public float $byAmount) {}

    public function isOfAmount(): bool
    {
        return $this->byAmount > $this->share / 2;
    }

    /** What the range shrinks to, as a share of itself, once this is known exactly. */
    public function rangeWithout(): float
    {
        return sqrt(max(0.0, 1 - ($this->isOfAmount() ? $this->byAmount : $this->share - $this->byAmount)));
    }
}
