<?php

declare(strict_types=1);

namespace App\View;

/** Figures as the screens print them; rounding happens here, once, on the way out. */
final class Figures
{
    /** Grams of an ingredient: no more digits than a kitchen scale shows. */
    public static function grams(?float $grams): string
    {
        return match (true) {
            $grams === null => '–',
            $grams >= 20 => number_format($grams, 0, '.', ','),
            $grams >= 2 => self::trim(number_format($grams, 1, '.', '')),
            default => self::trim(number_format($grams, 2, '.', '')),
        };
    }

    /** Carbs and nutrients of a piece. */
    public static function one(float $grams): string
    {
        return number_format($grams, 1, '.', ',');
    }

    /** A figure of an account in its unit: kilocalories whole, grams to a tenth. */
    public static function of(float $value, string $unit): string
    {
        return $unit === 'kcal' ? self::whole($value) : self::one($value);
    }

    /** The likely range; where a tenth would hide it, to a hundredth. */
    public static function range(float $low, float $high, string $unit = 'g', string $between = ' to '): string
    {
        [$a, $b] = [self::of($low, $unit), self::of($high, $unit)];

        return match (true) {
            $high <= 0 => '',
            $a === $b && $unit === 'g' => number_format($low, 2, '.', ',').$between.number_format($high, 2, '.', ','),
            default => $a.$between.$b,
        };
    }

    public static function money(float $value, string $currency): string
    {
        return ($currency === '' ? '' : "$currency ").number_format($value, 2, '.', ',');
    }

    public static function whole(float $value): string
    {
        return number_format($value, 0, '.', ',');
    }

    public static function count(float $pieces): string
    {
        return self::trim(number_format($pieces, 2, '.', ''));
    }

    public static function percent(float $ratio): string
    {
        return number_format($ratio * 100, 0, '.', '');
    }

    private static function trim(string $number): string
    {
        return str_contains($number, '.') ? rtrim(rtrim($number, '0'), '.') : $number;
    }
}
