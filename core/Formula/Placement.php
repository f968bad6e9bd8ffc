<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use InvalidArgumentException;

/** Where a component goes: `pieces` for some pieces alone, `grams` of it for each or for what is added at the table. */
final readonly class Placement
{
    private function __construct(public Spread $spread, public int $pieces = 0, public float $grams = 0.0) {}

    public static function all(): self
    {
        return new self(Spread::All);
    }

    /** @throws InvalidArgumentException */
    public static function some(int $pieces): self
    {
        return $pieces < 1
            ? throw new InvalidArgumentException('It goes on at least one piece.')
            : new self(Spread::Some, $pieces);
    }

    /** @throws InvalidArgumentException */
    public static function each(float $grams): self
    {
        return $grams > 0
            ? new self(Spread::Each, 0, $grams)
            : throw new InvalidArgumentException('Each piece gets more than nothing.');
    }

    /** @param  float  $grams  a piece; 0 for an equal part of the whole */
    public static function table(float $grams = 0.0): self
    {
        return new self(Spread::Table, 0, max(0.0, $grams));
    }
}
