<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Larder\Constants;

/** How much erythritol a gram of water holds where a family of dessert is eaten: less in the cold, by van 't Hoff. */
final class Solubility
{
    private const ZERO_CELSIUS = 273.15;

    public static function at(Family $family, Constants $constants): float
    {
        return self::atCelsius(
            $family->cold ? $constants->get('fridge-c') : $constants->get('solubility-c'),
            $constants,
        );
    }

    /** ln(S/S25) = −ΔH/R (1/T − 1/T25), with the heat of solution of a mole. */
    public static function atCelsius(float $celsius, Constants $constants): float
    {
        $mole = $constants->get('erythritol-heat') * $constants->get('molar-erythritol');
        $reference = $constants->get('solubility-c') + self::ZERO_CELSIUS;

        return $constants->get('erythritol-solubility') *
            exp((-$mole / $constants->get('gas-constant')) * (1 / ($celsius + self::ZERO_CELSIUS) - 1 / $reference));
    }
}
