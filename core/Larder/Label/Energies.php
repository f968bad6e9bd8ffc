<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use Aglyca\Core\Larder\Nutrients;

/** Kcal a gram, as a law counts them. */
final readonly class Energies
{
    /** @param  array<string, float>  $factors  by nutrient and polyol */
    public function __construct(private array $factors) {}

    public function of(string $nutrient): float
    {
        return $this->factors[$nutrient] ?? 0.0;
    }

    public function withoutPolyols(Nutrients $n): float
    {
        return $this->of('protein') * $n->protein +
            $this->of('fat') * $n->fat +
            $this->of('carbohydrate') * max(0.0, $n->digestible()) +
            $this->of('fibre') * $n->fibre +
            $this->of('allulose') * $n->allulose;
    }
}
