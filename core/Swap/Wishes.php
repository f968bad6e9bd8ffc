<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use InvalidArgumentException;

/** What the baker asks of a swap. */
final readonly class Wishes
{
    public const SWEETNESS_LEAST = 0.6;

    public const SWEETNESS_MOST = 1.1;

    private function __construct(public string $sweetener, public string $school, public float $sweetness) {}

    public static function ratioOf(float $percent): float
    {
        return round($percent / 100, 4);
    }

    /**
     * @param  string  $sweetener  a mix of `data/sweetener_mixes.csv`
     * @param  string  $school  a school of `data/flour_schools.csv`
     * @param  float  $sweetness  against the dessert as written
     *
     * @throws InvalidArgumentException
     */
    public static function of(string $sweetener, string $school, float $sweetness): self
    {
        if ($sweetness < self::SWEETNESS_LEAST - 1e-9 || $sweetness > self::SWEETNESS_MOST + 1e-9) {
            throw new InvalidArgumentException(sprintf('Sweetness goes from %d to %d %% of the dessert as written.', self::SWEETNESS_LEAST * 100, self::SWEETNESS_MOST * 100));
        }

        return new self($sweetener, $school, $sweetness);
    }
}
