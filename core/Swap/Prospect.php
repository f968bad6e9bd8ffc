<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Forecast\Bounds;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** How a swapped dessert will differ, held against the bands that the programme had to keep. */
final readonly class Prospect
{
    /** Bands against the dessert as written: where nothing was swapped there is nothing to keep. */
    private const RELATIVE = ['sweetness', 'bulk', 'moisture', 'fat', 'structure'];

    /** Of a dough alone: a part without flour is not moist against a thirst, and holds nothing. */
    private const OF_DOUGH = ['moisture', 'structure'];

    private const ABSOLUTE = ['browning', 'grain', 'cool'];

    public function __construct(private Forecaster $forecaster, private Larder $larder, private Constants $constants) {}

    /** @return array<string, Property> */
    public function of(Swap $swap): array
    {
        $family = $swap->family();
        $usual = $this->constants->get('default-body-mass');

        return $this->forecaster->compare(
            $swap->before,
            $swap->after,
            $family->bakeLoss,
            $swap->oven->writtenMinutesAtReference($family),
            $swap->oven->minutesAtReference($family),
            $this->bands($swap),
            Solubility::at($family, $this->constants),
            ($swap->wishes->kitchen->bodyMass ?? $usual) / $usual,
        );
    }

    /** @return array<string, Bounds> by property */
    private function bands(Swap $swap): array
    {
        $isChanged = array_filter($swap->exchanges, static fn (Exchange $e): bool => $e->changed) !== [];
        $held = [
            ...self::ABSOLUTE,
            ...$isChanged ? array_diff(self::RELATIVE, $this->isFloured($swap) ? [] : self::OF_DOUGH) : [],
        ];
        $bands = [];
        foreach ($held as $row) {
            $band = $swap->family()->band($row);
            $wished = $row === 'sweetness' ? $swap->wishes->sweetness : 1.0;
            if ($band->weight > 0) {
                $bands[$row] = new Bounds($band->low * $wished, $band->high * $wished);
            }
        }

        return $bands;
    }

    /** Whether the part that the dessert is made of has flour that was swapped; what is bought baked is made apart. */
    private function isFloured(Swap $swap): bool
    {
        $main = $swap->before->heaviest();
        foreach ($swap->exchanges as $exchange) {
            $wasFlour = array_filter(
                $exchange->from,
                fn (int $i): bool => $this->isFlour($swap->before->doses[$i]->food),
            ) !== [];
            $isCrumb = array_filter($exchange->to, static fn (Part $p): bool => $p->food->role === Role::Body) !== [];
            if ($exchange->component === $main && $exchange->changed && $wasFlour && $isCrumb) {
                return true;
            }
        }

        return false;
    }

    private function isFlour(?Food $food): bool
    {
        return $food !== null && $this->larder->typical($food, 'flour-equivalent') > 0;
    }
}
