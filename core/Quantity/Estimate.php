<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

use InvalidArgumentException;

/**
 * A value with its standard uncertainty, both in the unit that the holder names.
 *
 * Inputs of a sum or product are taken as independent (JCGM 100:2008, 5.1).
 */
final readonly class Estimate
{
    private function __construct(public float $value, public float $u) {}

    /** @throws InvalidArgumentException where a number is not finite or the uncertainty is negative */
    public static function of(float $value, float $u): self
    {
        if (! is_finite($value) || ! is_finite($u) || $u < 0) {
            throw new InvalidArgumentException('An estimate needs a finite value and an uncertainty of zero or more.');
        }

        return new self($value, $u);
    }

    public static function exactly(float $value): self
    {
        return self::of($value, 0.0);
    }

    /** Anything between the two is as likely as anything else: rectangular (JCGM 100:2008, 4.3.7). */
    public static function between(float $low, float $high): self
    {
        return self::of(($low + $high) / 2, abs($high - $low) / (2 * sqrt(3)));
    }

    public static function withHalfWidth(float $value, float $halfWidth): self
    {
        return self::of($value, abs($halfWidth) / sqrt(3));
    }

    public function plus(self $other): self
    {
        return self::of($this->value + $other->value, hypot($this->u, $other->u));
    }

    public function times(float $factor): self
    {
        return self::of($this->value * $factor, abs($this->u * $factor));
    }

    /** The product with a factor whose own relative standard uncertainty is given. */
    public function timesAbout(float $factor, float $relative): self
    {
        $value = $this->value * $factor;

        return self::of($value, hypot($this->u * $factor, $value * $relative));
    }

    public function widenedBy(float $relative): self
    {
        return $this->timesAbout(1.0, $relative);
    }

    /** Lower end of the range at the coverage factor given; never below zero, for nothing here is. */
    public function low(float $coverage): float
    {
        return max(0.0, $this->value - $coverage * $this->u);
    }

    public function high(float $coverage): float
    {
        return $this->value + $coverage * $this->u;
    }
}
