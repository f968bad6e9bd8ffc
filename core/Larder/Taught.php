<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Quantity\Estimate;

/** What a kitchen has measured of itself: its cups, its oven, what its bakes lose, how sweet it likes them. */
final readonly class Taught
{
    public const CUP = 'cup:';

    public const LOSS = 'loss:';

    public const OVEN = 'oven';

    public const HANDS = 'hands';

    public const SWEETNESS = 'sweetness';

    public const PIECES = 'pieces';

    /**
     * @param  array<string, list<float>>  $observations  grams of a cup by food, share lost by family, minutes against
     *     the method's in the oven and in hand, sweetness liked, pieces against those planned
     */
    public function __construct(public array $observations = []) {}

    /**
     * The mean of the posterior of a normal prior and so many observations of known spread: each weighs by the inverse
     * of its variance, so that few change little and many decide.
     *
     * @param  float  $u  standard uncertainty of the prior
     * @param  float  $sigma  spread of one observation
     * @param  list<float>  $values
     */
    public static function posterior(float $prior, float $u, float $sigma, array $values): Estimate
    {
        if ($u <= 0.0 || $sigma <= 0.0) {
            // What is certain is not learnt.
            return Estimate::of($prior, 0.0);
        }
        $precision = 1 / $u ** 2 + count($values) / $sigma ** 2;

        return Estimate::of(($prior / $u ** 2 + array_sum($values) / $sigma ** 2) / $precision, 1 / sqrt($precision));
    }

    /** How much longer this kitchen's oven or hands take than methods say: 1.0 where it was never observed. */
    public function factor(string $what, Constants $constants): float
    {
        $bakes = $this->of($what);

        return $bakes === []
            ? 1.0
            : self::posterior(
                1.0,
                $constants->get("$what-time-u"),
                $constants->get("$what-time-spread"),
                $bakes,
            )->value;
    }

    /** @return list<float> */
    public function of(string $key): array
    {
        return $this->observations[$key] ?? [];
    }
}
