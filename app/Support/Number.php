<?php

declare(strict_types=1);

namespace App\Support;

use App\View\Figures;

/** A number as bakers type it: with a decimal comma or point, with or without a unit of grams behind it. */
final class Number
{
    public static function from(mixed $typed): ?float
    {
        $text = is_string($typed) ? self::plain($typed) : '';

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }

    /** As a machine reads it: "1,250 g" is "1250" where screens write a thousand so, and "2,5" is "2.5" anywhere. */
    public static function plain(string $typed): string
    {
        $text = trim((string) preg_replace('~\s*(?:g|cm|kg)\.?$~iu', '', trim($typed)));
        $between = Figures::hasComma() ? '.' : ',';
        if (
            preg_match(
                Figures::hasComma() ? '~^\d{1,3}(?:\.\d{3})+(?:,\d+)?$~' : '~^\d{1,3}(?:,\d{3})+(?:\.\d+)?$~',
                $text,
            ) === 1
        ) {
            $text = str_replace($between, '', $text);
        }

        return str_replace(',', '.', $text);
    }

    /** @return ?list<float> of "62, 58 71"; null where one of them is no number */
    public static function listOf(mixed $typed): ?array
    {
        $found = [];
        // "62,5; 58" has decimal commas; "62, 58" has not.
        $text = is_string($typed) ? trim($typed) : '';
        foreach (
            preg_split(
                str_contains($text, ';') || str_contains($text, "\n") ? '~[;\n]+~' : '~[\s]+|,\s+|,(?=\d{2,}(?:\D|$))~',
                $text,
                -1,
                PREG_SPLIT_NO_EMPTY,
            ) ?:
            [] as $word
        ) {
            $number = self::from(trim($word, " ,\t\r"));
            if ($number === null) {
                return null;
            }
            $found[] = $number;
        }

        return $found;
    }
}
