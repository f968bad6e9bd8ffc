<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;

/**
 * Flour and starch that bind what is liquid, and are no crumb: in a pastry cream, a fruit filling, a sauce. What is
 * baked in one part with its eggs, as a batter over cherries, is a crumb however thin.
 */
final readonly class Thickening
{
    private function __construct() {}

    /**
     * @param  list<Dose>  $doses
     * @return list<int> doses that thicken
     */
    public static function in(array $doses, Making $making, Constants $constants): array
    {
        $parts = [];
        foreach ($doses as $i => $dose) {
            if ($dose->isCounted()) {
                $parts[$dose->component][] = $i;
            }
        }
        $found = [];
        foreach ($parts as $lines) {
            $sum = static fn (callable $of): float => array_sum(
                array_map(static fn (int $i): float => $of($doses[$i]), $lines),
            );
            $isStarchy = static fn (Dose $d): bool => self::isStarchy($d, $constants);
            $mass = $sum(static fn (Dose $d): float => $d->mass());
            $isBatter =
                count($parts) === 1 && ($making->isBaked || $making->isGriddled) && $sum(
                    static fn (Dose $d): float => $d->food?->role === Role::Egg ? $d->mass() : 0.0,
                ) > 0;
            $starch = $sum(static fn (Dose $d): float => $isStarchy($d) ? $d->mass() : 0.0);
            $water = $sum(static fn (Dose $d): float => $d->known()->nutrients($d->mass())->water);
            if (
                ! $isBatter &&
                $starch <= $constants->get('thickener-most') * $mass &&
                $water >= $constants->get('thickened-water') * $mass
            ) {
                array_push($found, ...array_filter($lines, static fn (int $i): bool => $isStarchy($doses[$i])));
            }
        }

        return $found;
    }

    private static function isStarchy(Dose $dose, Constants $constants): bool
    {
        return $dose->food?->role === Role::Body &&
            in_array($dose->food->texture, [Texture::Flour, Texture::Powder], true) &&
            $dose->food->per100->digestible() > $constants->get('starchy');
    }
}
