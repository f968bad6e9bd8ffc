<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Reads how many pieces a recipe makes: "Makes 2 dozen cookies", "Serves 10 to 12", "Makes 1 loaf (12 slices)". */
final class YieldReader
{
    private const YIELD = '~^\W*(?:recipe\s+)?(?:makes|make|yields?|serves|servings?|serving\s+size|portions?|pieces|for)\b\s*[:=]?\s*(?=.*\d|.*\b(?:one|two|three|four|five|six|eight|nine|ten|twelve|sixteen|twenty|dozen)\b)|^\W*\d+(?:\s?[-–]\s?\d+)?\s+(?:servings?|portions?)\W*$~iu';

    private const PIECES = 'cookies?|biscuits?|bars?|slices?|pieces?|squares?|servings?|portions?|muffins?|cupcakes?|brownies?|thumbprints?|people|balls?|truffles?|tarts?|tartlets?|waffles?|pancakes?|wedges?|rolls?|scones?|buns?|candies|sandwiches|bites?|cakes?|puffs?|macarons?|meringues?|donuts?|doughnuts?|glasses|ramekins?|pots?|cups?|eclairs?|fingers?|blondies?|marshmallows?|caramels?|fat\s+bombs?|profiteroles?|madeleines?|shortbreads?|snaps?|rounds?|mini\s+\w+';

    private const NUMBER = '(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|sixteen|eighteen|twenty|thirty|a)';

    private const WORDS = ['a' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'sixteen' => 16, 'eighteen' => 18, 'twenty' => 20, 'thirty' => 30];

    public const MOST_PIECES = 1000;

    public function isYield(string $row): bool
    {
        return mb_strlen($row) < 100 && preg_match(self::YIELD, $row) === 1 && preg_match('~^\W*for\s+the\b~iu', $row) !== 1;
    }

    /** @return array{?int, string} pieces and what they are called; of a range the lower, which makes the larger piece */
    public function read(string $row): array
    {
        if ($row === '') {
            return [null, ''];
        }
        $number = self::NUMBER;
        $pattern = '~(?<n>'.$number.')(?:\s?(?:-|–|to|or)\s?(?:'.$number.'))?(?<dozen>\s+dozen)?(?:\s+(?:of\s+)?(?!(?:inch|cm)\b)[\pL-]+){0,3}?\s+(?<what>'.self::PIECES.')\b(?:\s+(?<last>'.self::PIECES.')\b)?~iu';
        if (preg_match_all($pattern, $row, $all, PREG_SET_ORDER) > 0) {
            $m = end($all);

            return [self::within(self::value($m['n']) * ($m['dozen'] !== '' ? 12 : 1)), strtolower(($m['last'] ?? '') !== '' ? $m['last'] : $m['what'])];
        }
        if (preg_match('~(?<![\d.,])(?<n>'.$number.')\b(?:\s?(?:-|–|to|or)\s?\d+)?(?<dozen>\s+dozen)?(?!\s?(?:-|–)?\s?(?:inch|cm|"|″|g\b|ml\b|x\s?\d))(?:\s+(?<what>\pL+))?~iu', $row, $m) === 1) {
            return [self::within(self::value($m['n']) * (($m['dozen'] ?? '') !== '' ? 12 : 1)), strtolower($m['what'] ?? '')];
        }

        return [null, ''];
    }

    /** @return array{string, string} "Banana muffins - makes 12" parted; the second "" where the title does not say */
    public function inTitle(string $title): array
    {
        return preg_match('~^(?<title>.*?\pL.*?)[\s,(–—:-]+(?<yield>(?:makes|serves|yields)\b.*\d.*?)\)?$~iu', $title, $m) === 1 ? [$m['title'], $m['yield']] : [$title, ''];
    }

    private static function value(string $word): int
    {
        return self::WORDS[strtolower($word)] ?? (int) $word;
    }

    private static function within(int $pieces): ?int
    {
        return $pieces >= 1 && $pieces <= self::MOST_PIECES ? $pieces : null;
    }
}
