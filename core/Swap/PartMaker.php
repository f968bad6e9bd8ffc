<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Writing\KitchenMeasure;

/** Makes parts that a kitchen can measure, and the doses that they are. */
final readonly class PartMaker
{
    public function __construct(private Snapper $snapper, private KitchenMeasure $measures, private Scaler $scaler) {}

    public function part(Food $food, float $grams, string $why, bool $isTyped = false, string $slot = ''): Part
    {
        $grams = $isTyped ? $grams : $this->snapper->snap($food, $grams);

        return new Part($food, $grams, $this->measures->of($food, $grams), $why, $isTyped, $slot);
    }

    /**
     * What the swapped side reads as, so that it counts the same when it is read back.
     *
     * @param  float  $used  the share of it that is eaten
     */
    public function dose(Part $part, int $component, float $used): Dose
    {
        [$grams, $text] = $this->scaler->measured($part->food, $part->grams);

        return new Dose($text, $part->food, $grams, $component, used: $used);
    }
}
