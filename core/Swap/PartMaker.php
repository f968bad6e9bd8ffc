<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Snapper;

/** Makes parts that a kitchen can measure, and the doses that they are. */
final readonly class PartMaker
{
    public function __construct(private Snapper $snapper, private Scaler $scaler) {}

    public function part(Food $food, float $grams, string $why, string $slot = ''): Part
    {
        return new Part($food, $this->snapper->snap($food, $grams), $why, false, $slot);
    }

    /** As the baker typed it: not rounded to what a kitchen measures. */
    public function typed(Food $food, float $grams, string $why = 'as you typed it', string $slot = ''): Part
    {
        return new Part($food, $grams, $why, true, $slot);
    }

    /**
     * What the swapped side reads as, so that it counts the same when it is read back.
     *
     * @param  float  $used  the share of it that is eaten
     */
    public function dose(Part $part, int $component, float $used): Dose
    {
        $measured = $this->scaler->measured($part->food, $part->grams);

        return new Dose($measured->text, $part->food, $measured->grams, $component, used: $used);
    }
}
