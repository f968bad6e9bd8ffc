<?php

declare(strict_types=1);

namespace App\View;

/**
 * In which size of type a card fits one page, reckoned before it is set: setting it takes a second, and is done once.
 */
final readonly class PaperFit
{
    /** Type sizes in points, the largest first; what fits in none of them takes several pages in the second. */
    private const SIZES = [10.5, 9.5, 8.5, 7.5, 6.5, 5.5];

    /** Of the letters of the type, and of a line, in ems; measured on set cards, a little on the safe side. */
    private const LETTER = 0.575;

    private const LINE = 1.34;

    /** What can be printed on, in points: 14 mm above and below, 15 mm at the sides. */
    private const PAPER = ['a4' => [510.0, 762.0], 'letter' => [527.0, 712.0]];

    /** Of what is left below the head (our own choice). */
    private const SAFE = 0.86;

    private const LEFT = 0.42;

    private const RIGHT = 0.53;

    /**
     * @param  'a4'|'letter'  $paper
     * @return array{float, bool} points, and whether it is one page
     */
    public static function of(Card $card, string $paper): array
    {
        [$width, $height] = self::PAPER[$paper];
        foreach (self::SIZES as $size) {
            $head = max(2, self::lines($card->title(), 0.6 * $width, 2 * $size) * 2) + 4.5;
            $room = (self::SAFE * $height) / $size - $head;
            if (
                self::left($card, self::LEFT * $width, $size) <= $room &&
                self::right($card, self::RIGHT * $width, $size) <= $room
            ) {
                return [$size, true];
            }
        }

        return [self::SIZES[1], false];
    }

    /** In ems. */
    private static function left(Card $card, float $width, float $size): float
    {
        $ems = 3.0;
        foreach ($card->components() as $component) {
            $ems += 2.6;
            foreach ($component['rows'] as $row) {
                $ems += self::lines($row['name'].' '.$row['measure'], $width - 5.2 * $size, $size) * self::LINE + 0.3;
            }
        }
        foreach ($card->figures() as $row) {
            $ems += self::lines($row['name'], $width - 6 * $size, $size) * self::LINE + 0.3;
        }

        return $ems + count($card->others()) * (2 * self::LINE + 0.5);
    }

    private static function right(Card $card, float $width, float $size): float
    {
        $ems = 12.0;
        foreach ($card->steps() as $step) {
            $ems += self::lines($step, $width - 2 * $size, $size) * self::LINE + 0.35;
        }
        foreach (
            [
                ...array_map(static fn (array $row): string => $row['name'].' '.$row['text'], $card->keeping()),
                ...$card->cautions(),
            ] as $text
        ) {
            $ems += self::lines($text, $width, $size) * self::LINE + 0.5;
        }

        return $ems;
    }

    private static function lines(string $text, float $width, float $size): int
    {
        return (int) ceil(max(1, mb_strlen($text) * self::LETTER * $size / $width));
    }
}
