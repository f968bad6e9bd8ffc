<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Quantity\UnitTable;

/** Rounds grams to what a kitchen can measure: whole eggs, quarter teaspoons, the step of the scale. */
final readonly class Snapper
{
    /** @param  ?float  $scaleStep  grams that the kitchen's scale tells apart; null for the usual */
    public function __construct(
        private Larder $larder,
        private UnitTable $units,
        private Constants $constants,
        private ?float $scaleStep = null,
    ) {}

    public function snap(Food $food, float $grams): float
    {
        if ($grams <= 0) {
            return 0.0;
        }
        if ($food->role === Role::Egg && ($each = $this->larder->portion($food, '')) !== null) {
            return max(1.0, round($grams / $each->value)) * $each->value;
        }
        if ($this->larder->isConcentrate($food)) {
            return max(
                $this->constants->get('concentrate-least'),
                self::step($grams, $this->constants->get('concentrate-step')),
            );
        }
        $density = $this->larder->density($food)->gramsPerMl;
        $spooned = in_array($food->texture, [Texture::Powder, Texture::Liquid, Texture::Crystal], true)
            || in_array($food->role, [Role::Binder, Role::Lift], true);
        if ($spooned && $grams / $density < $this->constants->get('spoon-limit-ml')) {
            return round(self::step($grams, $this->units->get('tsp')->size * $density / 4), 2);
        }

        return self::step($grams, $this->scaleStep ?? $this->constants->get('scale-step'));
    }

    private static function step(float $grams, float $step): float
    {
        return round(max(1.0, round($grams / $step)) * $step, 4);
    }
}
