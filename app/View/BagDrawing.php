<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Package;

/** A package as a bag from the side, filled as far as something is left in it. */
final readonly class BagDrawing
{
    public const WIDTH = 56;

    public const HEIGHT = 72;

    /** The bag below its fold, in the drawing's own units. */
    private const FOLD = 10.0;

    private const FLOOR = 68.0;

    private function __construct(public float $size, public float $left, public float $level) {}

    /** Null where nobody said how much it holds. */
    public static function of(Package $package): ?self
    {
        $size = (float) $package->size_g;
        if ($size <= 0) {
            return null;
        }
        $left = min($size, (float) ($package->left_g ?? $size));

        return new self($size, $left, self::FLOOR - (self::FLOOR - self::FOLD) * $left / $size);
    }

    /** How far a key takes the level: about a hundredth of the bag, in whole grams. */
    public function step(): int
    {
        return max(1, (int) round($this->size / 100));
    }
}
