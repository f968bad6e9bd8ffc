<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\KitchenMeasure;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Estimate;

/** Makes parts that a kitchen can measure, and the doses that they are. */
final readonly class PartMaker
{
    public function __construct(private Larder $larder, private Snapper $snapper, private KitchenMeasure $measures, private Constants $constants) {}

    public function part(Food $food, float $grams, string $why, bool $isTyped = false, string $slot = ''): Part
    {
        $grams = $isTyped ? $grams : $this->snapper->snap($food, $grams);

        return new Part($food, $grams, $this->measures->of($food, $grams), $why, $isTyped, $slot);
    }

    /** What the swapped side reads as, so that it counts the same when it is read back. */
    public function dose(Part $part, int $component): Dose
    {
        $portion = $part->food->role === Role::Egg ? $this->larder->portion($part->food, '') : null;
        if ($portion !== null && abs($part->grams / $portion->value - round($part->grams / $portion->value)) < 1e-6) {
            $count = (int) round($part->grams / $portion->value);

            return new Dose($count.' '.($part->food->key === 'egg' ? 'large ' : '').mb_strtolower($part->food->name).($count > 1 ? 's' : ''), $part->food, Estimate::of($part->grams, $count * $portion->u), $component);
        }
        $fine = $part->grams < $this->constants->get('fine-below');
        $grams = Estimate::withHalfWidth($part->grams, min($part->grams, $this->constants->get($fine ? 'weighed-fine' : 'weighed')));

        return new Dose(rtrim(rtrim(number_format($part->grams, 2, '.', ''), '0'), '.').' g '.$part->food->name, $part->food, $grams, $component);
    }
}
