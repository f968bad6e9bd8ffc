<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Reads how many pieces a recipe makes: "Makes 2 dozen cookies", "Serves 10 to 12", "Makes 1 loaf (12 slices)". */
final readonly class YieldReader
{
    private const YIELD = '~^\W*(?:recipe\s+)?(?:makes|make|yields?|serves|servings?|serving\s+size|portions?|pieces|for)\b\s*[:=]?\s*(?=.*\d|.*\b(?:one|two|three|four|five|six|eight|nine|ten|twelve|sixteen|twenty|dozen)\b)|^\W*\d+(?:\s?[-–]\s?\d+)?\s+(?:servings?|portions?)\W*$~iu';

    private const PIECES = 'cookies?|biscuits?|bars?|slices?|pieces?|squares?|servings?|portions?|muffins?|cupcakes?|brownies?|thumbprints?|people|balls?|truffles?|tarts?|tartlets?|waffles?|pancakes?|wedges?|rolls?|scones?|buns?|candies|sandwiches|bites?|cakes?|puffs?|macarons?|meringues?|donuts?|doughnuts?|glasses|ramekins?|pots?|cups?|eclairs?|fingers?|blondies?|marshmallows?|caramels?|fat\s+bombs?|profiteroles?|madeleines?|shortbreads?|snaps?|rounds?|mini\s+\w+';

    public const MOST_PIECES = 1000;

    private string $number;

    public function __construct(private Words $words)
    {
        $this->number = "(?:\\d+|$words->wholes|an?)";
    }

    public function isYield(string $row): bool
    {
        return mb_strlen($row) < 100 && preg_match(self::YIELD, $row) === 1 && preg_match('~^\W*for\s+the\b~iu', $row) !== 1;
    }

    public function read(string $row): Yielded
    {
        if ($row === '') {
            return Yielded::unknown();
        }
        $number = $this->number;
        $pattern = '~(?<n>'.$number.')(?:\s?(?:-|–|to|or)\s?(?:'.$number.'))?(?<dozen>\s+dozen)?(?:\s+(?:of\s+)?(?!(?:inch|cm)\b)[\pL-]+){0,3}?\s+(?<what>'.self::PIECES.')\b(?:\s+(?<last>'.self::PIECES.')\b)?~iu';
        if (preg_match_all($pattern, $row, $all, PREG_SET_ORDER) > 0) {
            $m = end($all);

            $pieces = $this->value($m['n']) * ($m['dozen'] !== '' ? 12 : 1);

            return new Yielded(self::within($pieces), strtolower(($m['last'] ?? '') !== '' ? $m['last'] : $m['what']));
        }
        if (preg_match('~(?<![\d.,])(?<n>'.$number.')\b(?:\s?(?:-|–|to|or)\s?\d+)?(?<dozen>\s+dozen)?(?!\s?(?:-|–)?\s?(?:inch|cm|"|″|g\b|ml\b|x\s?\d))(?:\s+(?<what>\pL+))?~iu', $row, $m) === 1) {
            $pieces = $this->value($m['n']) * (($m['dozen'] ?? '') !== '' ? 12 : 1);

            return new Yielded(self::within($pieces), strtolower($m['what'] ?? ''));
        }

        return Yielded::unknown();
    }

    public function inTitle(string $title): TitleAndYield
    {
        return preg_match('~^(?<title>.*?\pL.*?)[\s,(–—:-]+(?<yield>(?:makes|serves|yields)\b.*\d.*?)\)?$~iu', $title, $m) === 1
            ? new TitleAndYield($m['title'], $m['yield'])
            : new TitleAndYield($title, '');
    }

    private function value(string $word): int
    {
        return (int) (in_array(strtolower($word), ['a', 'an'], true) ? 1 : $this->words->word($word) ?? (int) $word);
    }

    private static function within(int $pieces): ?int
    {
        return $pieces >= 1 && $pieces <= self::MOST_PIECES ? $pieces : null;
    }
}
