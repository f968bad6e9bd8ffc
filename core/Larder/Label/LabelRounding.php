<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Quantity\Interval;
use InvalidArgumentException;

/**
 * How a label of each law rounds, and what a printed figure may stand for.
 *
 * Sources: 21 CFR 101.9(c)(1), (2), (6), (7); the European Commission's guidance on tolerances and rounding
 * of 2012. Australia and New Zealand print up to three significant figures; their labels are read like the
 * EU's, which is the coarser. The steps are the law's text, so they stand here and not in `data/`.
 */
final class LabelRounding
{
    /** @param  string  $nutrient energy (kcal), fat, or any other in grams */
    public static function printed(LabelLaw $law, string $nutrient, float $value): string
    {
        if ($law !== LabelLaw::UsCanada) {
            return match (true) {
                $nutrient === 'energy' => self::text($value, 1.0),
                $value <= 0.5 => '<0.5',
                default => self::text($value, $value < 9.95 ? 0.1 : 1.0),
            };
        }

        return match ($nutrient) {
            'energy' => $value < 5 ? '0' : self::text($value, $value <= 50 ? 5.0 : 10.0),
            'fat' => $value < 0.5 ? '0' : self::text($value, $value < 5 ? 0.5 : 1.0),
            default => $value < 0.5 ? '0' : ($value < 1 ? '<1' : self::text($value, 1.0)),
        };
    }

    /**
     * @return Interval of the true values that print so
     *
     * @throws InvalidArgumentException where the text is no figure of a label
     */
    public static function behind(LabelLaw $law, string $nutrient, string $printed): Interval
    {
        $printed = str_replace([' ', ',', 'g'], ['', '.', ''], mb_strtolower(trim($printed)));
        if (preg_match('/^(<|lessthan)?(\d{1,5}(?:\.\d{1,3})?)$/', $printed, $m) !== 1) {
            throw new InvalidArgumentException('A label prints a number such as 12, 0.5 or <1.');
        }
        $value = (float) $m[2];
        if ($m[1] !== '') {
            return new Interval($law === LabelLaw::UsCanada && $value === 1.0 ? 0.5 : 0.0, $value);
        }
        if ($value === 0.0) {
            $most = $nutrient === 'energy' && $law === LabelLaw::UsCanada ? 5.0 : 0.5;

            return new Interval(0.0, $most);
        }
        [$below, $above] = self::steps($law, $nutrient, $value, str_contains($m[2], '.'));

        return new Interval(max(0.0, $value - $below / 2), $value + $above / 2);
    }

    /** @return array{float, float} the rounding step below and above a printed value */
    private static function steps(LabelLaw $law, string $nutrient, float $value, bool $hasDecimals): array
    {
        // A maker who prints more digits than the law asks for is taken at the digits printed.
        if ($law !== LabelLaw::UsCanada) {
            $step = $hasDecimals ? 0.1 : 1.0;

            return $nutrient === 'energy' ? [1.0, 1.0] : [$step, $step];
        }

        return match (true) {
            $nutrient === 'energy' && fmod($value, 5) !== 0.0 => [1.0, 1.0],
            $nutrient === 'energy' => $value <= 50 ? [5.0, $value === 50.0 ? 10.0 : 5.0] : [10.0, 10.0],
            $nutrient === 'fat' && $value <= 5 => [0.5, $value === 5.0 ? 1.0 : 0.5],
            $hasDecimals => [0.1, 0.1],
            default => [1.0, 1.0],
        };
    }

    private static function text(float $value, float $step): string
    {
        return rtrim(rtrim(number_format(round($value / $step) * $step, 1, '.', ''), '0'), '.');
    }
}
