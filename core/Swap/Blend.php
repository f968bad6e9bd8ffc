<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use InvalidArgumentException;

/** Three sweeteners of the baker's choice and their shares of the sweetness; both empty where the mix decides. */
final readonly class Blend
{
    /**
     * @param  list<string>  $corners  food keys
     * @param  list<float>  $shares  1 together; empty where the programme may choose
     */
    private function __construct(public array $corners, public array $shares) {}

    public static function free(): self
    {
        return new self([], []);
    }

    /**
     * @param  list<string>  $corners  in place of the mix's own; empty for the mix
     * @param  list<float>  $shares
     *
     * @throws InvalidArgumentException
     */
    public static function of(array $corners, array $shares): self
    {
        if ($shares !== [] && (min($shares) < -1e-9 || abs(array_sum($shares) - 1) > 0.01)) {
            throw new InvalidArgumentException('The shares of a blend are none below 0 and 1 together.');
        }

        return new self($corners, $shares);
    }

    /**
     * As it was kept: what is no blend any more lets the mix decide.
     *
     * @param  list<string>  $corners
     * @param  list<float>  $shares
     */
    public static function kept(array $corners, array $shares): self
    {
        try {
            return self::of($corners, $shares);
        } catch (InvalidArgumentException) {
            return self::of($corners, min([0.0, ...$shares]) < 0 ? [] : self::shares($shares) ?? []);
        }
    }

    /**
     * Shares that are 1 together, of numbers in any proportion.
     *
     * @param  list<float>  $parts
     * @return ?list<float> null where all are nothing
     */
    public static function shares(array $parts): ?array
    {
        $sum = array_sum($parts);

        return $sum <= 0 ? null : array_map(static fn (float $p): float => round($p / $sum, 6), $parts);
    }
}
