<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Temperature;

/**
 * Finds the heats in a step: °F, °C, gas marks, fan ovens, bare numbers; and tells the oven's from all others, of
 * which none may ever be changed.
 */
final readonly class Heats
{
    private const OVEN = '~\b(?:ovens?|bak(?:e|es|ed|ing)(?!\s+(?:powder|soda))|pre-?heat(?:ed|ing)?|roast(?:ed|ing)?|air[- ]?fr(?:y|yer|ied)|gas|grill|turn(?:ed)?\s+(?:it\s+)?(?:down|up)|lower(?:ed)?|reduced?|raise|toast(?:ed|ing)?|rack|shelf|fan|convection|(?:ober|ober-?\s?/\s?-?unter)hitze|umluft|hei(?:ß|ss)luft|(?:back)?ofen|(?:ge)?backen|ugn(?:en)?|ovn(?:en)?|grädda\w*)\b~iu';

    private const OTHER = '~\b(?:thermometer|probe|reach(?:es|ed)?|registers?|reads?|cent(?:re|er)|core|internal|inside(?!\s+to\b)|middle|syrup|sugar|custard|milk|cream|water|oil|fat|lard|chocolate|caramel|butter|dough|yeast|(?<!air\s)(?<!air-)fr(?:y|ied|ying)|deep[- ]?fry|candy|jam|boil(?:s|ing|ed)?|simmer|warm(?:ed)?(?!\s+oven)|lukewarm|cool(?:s|ed)?(?!\s+oven)|chill|fridge|refrigerator|freezer|room|rise|prove|proof|melt(?:ed)?|temper(?:ed)?|stir(?:ring)?|cook|store|whisk(?:ing)?|bain[- ]marie|hob|stove)\b~iu';

    /** "Ungreased 10-inch tube pan, 325°F 45 minutes": what it is baked in, or nothing at all, stands before it. */
    private const HOLDER = '~^\W*(?:[\w"×]+[\s,]+){0,4}?\W*$|\b(?:pans?|tins?|dish|dishes|trays?|moulds?|sheets?|ramekins?|cups|cases)\b\W*(?:\([^()]{2,20}\)\W*)?$~iu';

    private const FAN_AGAIN = '~^\s*[(/,]\s*(?:fan(?:\s+oven)?\s*\d{2,3}|\d{2,3}\s*(?:°|º|degrees?)?\s*c?\s*fan|(?:1\d\d|2[0-2]\d)(?-i:f))\b~iu';

    private string $pattern;

    public function __construct(private Constants $constants, private Words $words)
    {
        $degree = '[\s-]?(?:°|º|˚|degrees?|deg\b\.?|grad(?:er)?\b)\s?';
        $scale = '(?:fahrenheit|celsius|centigrade|[FC])(?![\pL])';
        // "180/160fan" is a heat said twice, "1/2" is none.
        $number = '(?<![\d.,])(?:(?<!\d\/)|(?<=\d{3}\/))\d{2,3}(?!\d|[.,]\d|\/\d(?!\d{1,2}\s?[°º]?\s?c?\s?fan|\d\d(?-i:f)\b))';
        $this->pattern =
            '~'.
            '(?<gas>\b(?:gas\s?(?:marks?|no\.?|number)?|regulo|(?<=\bat\s)mark)\s?(?<mark>1\s?[/⁄]\s?[24](?!\d)|\d{1,2}[½¼¾]?(?!\d)|['.
            $words->signs.
            ']))'.
            '|(?<before>\b(?:fan|convection|umluft|hei(?:ß|ss)luft)(?:\s+oven)?\s?(?:at\s|to\s)?)?(?<n>'.
            $number.
            ')(?:\s?(?:[-–]|to)\s?(?<high>'.
            $number.
            '))?'.
            '(?:(?<scale>'.
            $degree.
            $scale.
            '|\s?'.
            $scale.
            ')|(?<degrees>'.
            $degree.
            '(?!\pL))|(?<bare>))'.
            '(?<fan>\s?(?:\(\s?)?(?:fan(?:[- ]?forced)?|convection|umluft|hei(?:ß|ss)luft)(?:\s+oven)?(?!\s*:?\s*\d{3}(?!\d))\)?)?'.
            '~iu';
    }

    /**
     * @param  ?Heat  $earlier  the first of the method, whose scale a bare number has
     * @return list<Heat>
     */
    public function in(string $text, bool $isBake, ?Heat $earlier = null): array
    {
        preg_match_all($this->pattern, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $heats = [];
        foreach ($found as $m) {
            $known = $heats[0] ?? $earlier;
            $one = $this->one($text, $m, $isBake, $known);
            $last = $heats[count($heats) - 1] ?? null;
            // "220C for 10 mins then 180C for 35": the same oven, turned down.
            if ($one !== null && ! $one->isOven && $last?->isOven === true && self::isTurned($text, $last, $one)) {
                $one = $one->ofOven();
            }
            if ($one !== null && $last !== null && self::isSame($text, $last, $one)) {
                $heats[count($heats) - 1] = $this->together($text, $last, $one);
            } elseif ($one !== null) {
                $heats[] = $one;
            }
        }

        return array_values($heats);
    }

    /** @param  array<array-key, array{?string, int}>  $m */
    private function one(string $text, array $m, bool $isBake, ?Heat $known): ?Heat
    {
        [$at, $length] = [$m[0][1], strlen(rtrim((string) $m[0][0]))];
        if (($m['gas'][0] ?? null) !== null) {
            $mark = Temperature::gasMark(
                $this->words->number((string) $m['mark'][0]),
                $this->constants->get('gas-mark-1-f'),
            );

            return new Heat($at, $length, $mark, true, false, false, false);
        }
        $isBare = ($m['scale'][0] ?? null) === null;
        $number = (float) ($m['n'][0] ?? 0);
        // "180/160f": a fan oven's, of whom the f is no Fahrenheit.
        $isShortFan = $known !== null && ! $known->isFahrenheit && (float) $m['n'][0] < 230 &&
            preg_match('~^\d+f$~u', (string) $m[0][0]) === 1 &&
            preg_match('~\d\s*[cC]?\s*/\s*$~u', substr($text, 0, $m[0][1])) === 1;
        $isFan = $isShortFan || ($m['fan'][0] ?? null) !== null || trim((string) ($m['before'][0] ?? '')) !== '';
        // Nothing but an oven has a fan.
        $isOven =
            $isFan ||
            $this->isSentence($text, $m) ||
            preg_match(self::FAN_AGAIN, substr($text, $at + $length, 16)) === 1 ||
            $this->isOven($text, $at, $at + $length, $isBake, $number);
        if (
            $isBare &&
            ($m['degrees'][0] ?? null) === null &&
            ! $this->standsAlone($text, $m, $isOven, $isFan, $number)
        ) {
            return null;
        }
        $isFahrenheit = $isBare || $isShortFan
            ? $this->isBareFahrenheit($number, $known)
            : preg_match('~f(?:ahrenheit)?\s*$~i', (string) $m['scale'][0]) === 1;
        $offset = $isFan ? $this->constants->get($isFahrenheit ? 'fan-offset-f' : 'fan-offset-c') : 0.0;
        $heat = $isFahrenheit ? Temperature::fahrenheit($number + $offset) : Temperature::celsius($number + $offset);

        return new Heat($at, $length, $heat, $isOven, $isFan, false, $isFahrenheit);
    }

    /**
     * A bare number is a heat only where an oven's heat can stand: "at 325 for", "oven 350", "a 375 oven", "then 20
     * min at 250".
     *
     * @param  array<array-key, array{?string, int}>  $m
     */
    private function standsAlone(string $text, array $m, bool $isOven, bool $isFan, float $number): bool
    {
        $isTime =
            preg_match(
                '~^\s*(?:minutes?|mins?|hours?|hrs?|h)\b~iu',
                substr($text, $m[0][1] + strlen((string) $m[0][0]), 12),
            ) === 1;
        if ($number < 90 || $number > 550 || ($m['high'][0] ?? null) !== null) {
            // "160 fan 15-18 min": what stands behind is a time, and no oven is set to fifteen degrees.
            return $isFan && $number >= 50 && ! $isTime;
        }
        $before = substr($text, max(0, $m[0][1] - 40), min(40, $m[0][1]));
        $after = substr($text, $m[0][1] + strlen((string) $m[0][0]), 30);
        if (
            preg_match(
                '~^\s*(?:g|kg|ml|cl|l|oz|lb|w|watts?|cm|mm|inch|pieces|cookies|k?cals?|calories|minutes?|mins?|%|x)\b|^[a-z%]~iu',
                $after,
            ) === 1
        ) {
            return false;
        }

        // "180 (160 fan)": the number is said again for a fan oven.
        $isSaidAgain = preg_match(self::FAN_AGAIN, $after) === 1;

        // "375 for 25 min" is a sentence of its own.
        $isAlone =
            preg_match('~(?:^|[.;!?]\s+|\b(?:pans?|tins?|dish|trays?|sheets?|mou?lds?)\s*,?\s+)\W*$~iu', $before) === 1 &&
            preg_match('~^\s*(?:for|,)?\s*(?:about\s+)?\d+(?:\s?(?:-|–|to)\s?\d+)?\s*(?:min|hour|hr)~iu', $after) === 1;

        return $isFan ||
            $isSaidAgain ||
            $this->isSentence($text, $m) ||
            ($isOven && $isAlone) ||
            ($isOven &&
                (preg_match(
                    '~(?:\bat|\bto|@|\boven|\bbake|\bpreheat|\bheat|\broast|\bmins?\s+at|:|\boven\s*\(|\(|\bgas\s?(?:mark\s?)?\d\s*[/,])\s*$~iu',
                    $before,
                ) === 1 ||
                    preg_match('~^\s*(?:oven|fan)\b~iu', $after) === 1));
    }

    /**
     * "375. Mix dry.": an oven's heat, and nothing else in the sentence.
     *
     * @param  array<array-key, array{?string, int}>  $m
     */
    private function isSentence(string $text, array $m): bool
    {
        $number = (int) $m['n'][0];

        return ($m['high'][0] ?? null) === null &&
            $number % 5 === 0 &&
            (($number >= 140 && $number <= 250) || ($number >= 275 && $number <= 475)) &&
            preg_match('~(?:^|[.;!?]\s+)(?:oven\s+)?$~iu', substr($text, 0, $m[0][1])) === 1 &&
            preg_match('~^\s*[.;]\s+\p{Lu}~u', substr($text, $m[0][1] + strlen(rtrim((string) $m[0][0])))) === 1;
    }

    private function isBareFahrenheit(float $number, ?Heat $known): bool
    {
        return $known !== null ? $known->isFahrenheit : $number >= $this->constants->get('bare-fahrenheit-from');
    }

    /** By the words around: the nearest before it in its clause, else those behind, else by how hot it is. */
    private function isOven(string $text, int $at, int $end, bool $isBake, float $number): bool
    {
        $clause = preg_replace('~^.*(?:[.;!?:]\s|\n)~us', '', substr($text, 0, $at)) ?? '';
        // "3 min on the hob, then 180 °C 8 min"
        if (preg_match('~\b(?:hob|stove)\W+then\s*$~iu', $clause) === 1) {
            return $number >= 120;
        }
        if ($number >= 120) {
            // No water bath on a hob is so hot.
            $clause = preg_replace('~\bbain[- ]marie\b~iu', 'bath', $clause) ?? $clause;
        }
        $oven = self::lastOf(self::OVEN, $clause);
        $other = self::lastOf(self::OTHER, $clause);
        if ($oven !== $other) {
            return $oven > $other;
        }
        // "180 °C 13–15 min." says no more, and needs no more.
        if (
            preg_match(self::HOLDER, $clause) === 1 &&
            preg_match(
                '~^\W{0,3}(?:(?:ober-?\s?/?\s?-?unterhitze|top\s+and\s+bottom\s+heat|conventional)\W{1,3})?(?:(?:in|on)\s+[^.;,]{0,30}?\b(?:dish|tin|pan|tray|mould|sheet)s?\W+)?(?:for\s+)?(?:about\s+)?\d+(?:\s?(?:-|–|to)\s?\d+)?\s*(?:min|hour|hr|h\b|h\s?\d)~iu',
                substr($text, $end, 70),
            ) === 1
        ) {
            return $number >= 90;
        }
        $behind = preg_split('~[.;!?]|,\s|\band\b~u', substr($text, $end, 60))[0] ?? '';
        if (preg_match(self::OTHER, $behind) === 1 && preg_match(self::OVEN, $behind) !== 1) {
            return false;
        }

        return $number >= 90 &&
            ($isBake || preg_match(self::OVEN, $text) === 1 || preg_match(self::OTHER, $text) !== 1);
    }

    private static function lastOf(string $pattern, string $text): int
    {
        preg_match_all($pattern, $text, $found, PREG_OFFSET_CAPTURE);
        $places = array_column($found[0], 1);

        return $places[count($places) - 1] ?? -1;
    }

    private static function isTurned(string $text, Heat $a, Heat $b): bool
    {
        $between = substr($text, $a->at + $a->length, $b->at - $a->at - $a->length);

        return preg_match('~^(?:[^.;!?]|(?<=min|hrs|hr)\.|(?<=mins)\.)*\b(?:then|and|after)\b(?:\s+(?:at|to|down\s+to|reduce\s+to))?\s*$~iu', $between) === 1 &&
            preg_match(self::OTHER, $between) !== 1;
    }

    /** "180C/160C fan/gas 4" is one heat said three times. */
    private static function isSame(string $text, Heat $a, Heat $b): bool
    {
        $between = substr($text, $a->at + $a->length, $b->at - $a->at - $a->length);

        return preg_match('~^[\s(/,;|–-]*(?:(?:or|gas|fan|oven)\s*:?\s*)?\)?[\s(/,;|–-]*$~u', $between) === 1 &&
            $a->isOven === $b->isOven &&
            abs($a->temperature->celsius - $b->temperature->celsius) <= 16;
    }

    private function together(string $text, Heat $a, Heat $b): Heat
    {
        $length = $b->at + $b->length - $a->at;
        $inside = substr($text, $a->at, $length);
        // A bracket that was opened within is closed within.
        if (substr_count($inside, '(') > substr_count($inside, ')') && ($text[$a->at + $length] ?? '') === ')') {
            $length++;
        }
        $first = $a->isFan && ! $b->isFan ? $b : $a;
        // "180/160f/4": and the gas mark.
        if (preg_match('~^\s*/\s*[1-9](?!\d|[.,]\d)~iu', substr($text, $a->at + $length), $m) === 1) {
            $length += strlen($m[0]);
        }

        return new Heat(
            $a->at, $length, $first->temperature, $a->isOven, $a->isFan && $b->isFan,
            $a->isFan !== $b->isFan || $a->saysFan || $b->saysFan, $a->isFahrenheit,
        );
    }
}
