<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Pan;

/**
 * Another pan than the recipe's: how much it takes, how deep the batter stands in it, and what that does to the time.
 */
final readonly class PanChange
{
    private function __construct(public Pan $from, public Pan $to, public float $depth, public float $timeFactor) {}

    /** @param  float  $scale  how much of the recipe is made */
    public static function of(Pan $from, Pan $to, float $scale, Constants $constants): self
    {
        $depth = $scale * $from->area() / $to->area();
        $tells = abs($depth - 1) >= $constants->get('pan-depth-tells') - 1e-9;

        return new self($from, $to, $depth, $tells ? $depth ** $constants->get('pan-time-exponent') : 1.0);
    }

    /** How much of the recipe the new pan takes at the same depth of batter. */
    public static function byArea(Pan $from, Pan $to): float
    {
        return $to->area() / $from->area();
    }

    /** How much it takes filled as high up its side; null where a depth is not known. */
    public static function byVolume(Pan $from, Pan $to): ?float
    {
        return $from->depth === null || $to->depth === null
            ? null
            : (self::byArea($from, $to) * $to->depth) / $from->depth;
    }

    /** What the baker is told; "" where the batter stands as deep as it did. */
    public function sentence(): string
    {
        return $this->timeFactor === 1.0
            ? ''
            : sprintf(
                'the batter stands %.0f %% %s in your pan',
                abs($this->depth - 1) * 100,
                $this->depth > 1 ? 'deeper' : 'shallower',
            );
    }
}
