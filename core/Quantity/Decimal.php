<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** A number in figures, as texts that are read again have it. */
final class Decimal
{
    private function __construct() {}

    /** With a point, to two places, without idle noughts: "2.5", "12". */
    public static function plain(float $number, int $places = 2): string
    {
        $text = number_format($number, $places, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
