<?php

declare(strict_types=1);

namespace App\View;

/** Figures as the screens print them; rounding happens here, once, on the way out. */
final class Figures
{
    private static bool $hasComma = false;

    private static bool $hasTenths = false;

    /** Grams of an ingredient: no more digits than a kitchen scale shows. */
    public static function grams(?float $grams): string
    {
        return match (true) {
            $grams === null => '–',
            $grams >= 20 => self::say($grams, 0),
            $grams >= 2 => self::trim(self::say($grams, 1, false)),
            default => self::trim(self::say($grams, 2, false)),
        };
    }

    /**
     * What is weighed off: no finer than a kitchen's scale shows, which is a tenth of a gram, and of ten grams and
     * more a whole one.
     */
    public static function weighed(float $grams): string
    {
        return match (true) {
            $grams >= 10 && ! self::$hasTenths => self::say($grams, 0),
            $grams >= 0.05 => self::trim(self::say($grams, 1, false)),
            default => 'under '.self::say(0.1, 1, false),
        };
    }

    /** Carbs and nutrients of a piece. */
    public static function one(float $grams): string
    {
        return self::say($grams, 1);
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
            $a === $b && $unit === 'g' => self::say($low, 2).$between.self::say($high, 2),
            default => $a.$between.$b,
        };
    }

    public static function money(float $value, string $currency): string
    {
        return ($currency === '' ? '' : "$currency ").self::say($value, 2);
    }

    public static function whole(float $value): string
    {
        return self::say($value, 0);
    }

    public static function count(float $pieces): string
    {
        return self::trim(self::say($pieces, 2, false));
    }

    public static function percent(float $ratio): string
    {
        return self::say($ratio * 100, 0, false);
    }

    /** How numbers are written from here on: with a decimal comma, or a point. */
    public static function write(bool $hasComma): void
    {
        self::$hasComma = $hasComma;
    }

    /** Whether amounts to weigh are written to a tenth of a gram, for a scale that shows it. */
    public static function weighTenths(bool $hasTenths): void
    {
        self::$hasTenths = $hasTenths;
    }

    public static function hasComma(): bool
    {
        return self::$hasComma;
    }

    /** A number to stand in a field, from which it comes back: without anything between thousands. */
    public static function typed(float $number): string
    {
        return self::trim(self::say($number, 2, false));
    }

    /** Tenths within a text of ours or of the recipe's, by the kitchen's way: "2.5 g" is "2,5 g". */
    public static function inWords(string $text): string
    {
        return self::$hasComma ? (preg_replace('~(?<![\d.])(\d+)\.(\d{1,2})(?![\d.])~u', '$1,$2', $text) ?? $text) : $text;
    }

    /** A number as it stands, by the kitchen's way of writing: "0.91". */
    public static function to(float $value, int $decimals): string
    {
        return self::say($value, $decimals, false);
    }

    private static function say(float $value, int $decimals, bool $hasThousands = true): string
    {
        return number_format(
            $value,
            $decimals,
            self::$hasComma ? ',' : '.',
            $hasThousands ? (self::$hasComma ? '.' : ',') : '',
        );
    }

    private static function trim(string $number): string
    {
        return preg_match('~[.,]\d*$~', $number) === 1 ? rtrim(rtrim($number, '0'), '.,') : $number;
    }
}
