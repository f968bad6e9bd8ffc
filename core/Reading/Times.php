<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Finds the times in a step: "1 hour and 10 minutes", "1½ hours", "5–10 min", "an hour and a half", "45'–50'". */
final readonly class Times
{
    /** What is done for a time, in the oven or not: the last such word before the time says. */
    private const DOING = '~\b(?:(?<oven>bak(?:e|es|ed|ing)(?!\s+(?:sheets?|trays?|tins?|pans?|powder|soda|dish|paper|parchment|stone))|(?:ge)?backen|(?:reduce|lower)(?=[^.;]{0,30}\b\d{3}\b(?!\s?(?:ml|g)\b))|return(?:ed)?|roast|air[- ]?fry|into\s+the\s+oven|in\s+the\s+oven|toast(?:ed)?\b(?=.{0,40}(?:oven|°|\d{3}))|turn(?:ed)?\s+(?:it\s+)?down|cook(?=[^.]{0,30}(?:oven|tin)))|(?<other>(?:cool|rest|stand|settle)\b[^.;]{0,24}?\bin\s+the\s+(?:turned[- ]off\s+)?oven|beat|whisk|whip|mix|stir|knead|blend|boil|simmer|melt|fold|pulse|leave|left|let|cool|chill|rest|stand|set|freeze|refrigerate|fridge|soak|prove|rise|ajar|switch(?:ed)?\s+off|turn(?:ed)?\s+off|microwave|cook|fry|brown|heat|warm|process|bloom|macerate|steep|infuse|drain|toast|steam|poach|reduce|thicken))(?:s|ed|d|ing)?\b~iu';

    /** "Bake 350 for 10.", "bake 25-30 till golden": minutes, whatever a number in an oven may be else. */
    private const BARE = '~\bbak(?:e|ed|ing)\s+(?:it\s+|them\s+)?(?:(?:at\s+)?\d{3}\s?(?:°|º|degrees?)?\s?[FC]?\b\s*,?\s*)?(?:for\s+)?(?:about\s+|another\s+)?(?<time>(?<low>[1-9]\d?)(?:\s?(?:-|–|to)\s?(?<high>[1-9]\d))?)(?=\s*(?:[.,;)](?!\d)|$|till?\b|until\b|or\s+(?:until|so)\b))~iu';

    private string $pattern;

    private string $number;

    public function __construct(private Words $words)
    {
        $signs = $words->signs;
        $this->number =
            '(?:\d+[\s-]\d/\d(?!\d)|\d/\d(?!\d)|\d+\s?['.
            $signs.
            ']|['.
            $signs.
            ']|\d+(?:[.,]\d+)?'.
            '|half\s+an?|(?:a\s+)?quarter\s+of\s+an|three\s+quarters\s+of\s+an|a\s+(?:further|good|full)|an?(?:\s+(?:further|good|full|extra|other))?|another|one|a\s+couple\s+of|a\s+few|'.
            $words->wholes.
            ')';
        $unit = '(?:(?:hours?|minutes?|seconds?|minuten|minuter|minutter|minutos|stunden?|timmar|horas?)\b|(?:hrs?|h)(?=\d\d\b)|(?:hrs?|h|mins?|secs?)\b(?:\.(?=\s+[\d(]|\s+\p{Ll}|[,;)]))?)';
        $range =
            '(?<![\d./'.
            $signs.
            '])(?<%1$sa>'.
            $this->number.
            ')(?:\s?(?:-|–|—|to|or)\s?(?<%1$sb>'.
            $this->number.
            '))?(?:ish\b|\s+(?:or\s+so|more|further))?[\s-]?(?<%1$su>'.
            $unit.
            ')(?<%1$sh>\s+and\s+a\s+half)?';
        // "1h30", "1hr15", "an hr 10 till done": what follows the hours at once are minutes.
        $behind = str_replace(
            $unit, $unit.'|(?<=[hrs]\d\d)(?!\d)|(?<=[hrs]\s\d\d)(?=\s*(?:[.,;)]|$|till?\b|until\b))', $range,
        );
        $this->pattern =
            '~(?:(?<prime>\d+)[\'′](?:\s?[-–]\s?(?<prime2>\d+)[\'′])?(?!\d)'.
            '|'.
            sprintf($range, '').
            '(?:\s*(?:,|and|&)?\s*'.
            sprintf($behind, 'm').
            ')?'.
            '(?:\s?(?:-|–|to)\s?'.
            sprintf($range, 'x').
            '(?:\s*(?:,|and|&)?\s*'.
            sprintf($behind, 'y').
            ')?)?)~iu';
    }

    /** @return list<Timing> */
    public function in(string $text): array
    {
        preg_match_all($this->pattern, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $times = [];
        foreach ($found as $m) {
            [$low, $high, $length] = $this->minutes(
                array_map(static fn (array $g): ?string => $g[0], $m),
                (string) $m[0][0],
            );
            if ($high > 0) {
                $times[] = new Timing(
                    $m[0][1],
                    $length,
                    $low,
                    max($low, $high),
                    self::isOven(substr($text, 0, $m[0][1]), substr($text, $m[0][1] + $length)),
                );
            }
        }

        preg_match_all(self::BARE, $text, $bare, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($bare as $m) {
            $low = (float) $m['low'][0];
            $times[] = new Timing(
                $m['time'][1], strlen((string) $m['time'][0]), $low, max($low, (float) ($m['high'][0] ?? $low)), true,
            );
        }
        usort($times, static fn (Timing $a, Timing $b): int => $a->at <=> $b->at);

        return $times;
    }

    /**
     * @param  array<array-key, ?string>  $m
     * @return array{float, float, int} minutes, and the length of what they stand in
     */
    private function minutes(array $m, string $all): array
    {
        if (($m['prime'] ?? null) !== null) {
            return [(float) $m['prime'], (float) ($m['prime2'] ?? $m['prime']), strlen($all)];
        }
        [$low, $high] = $this->part($m, '');
        // "1 hour 10 minutes" is one time; "beat 5 minutes, 10 minutes" are two.
        if (($m['ma'] ?? null) !== null && self::unit((string) $m['u']) > self::unit((string) $m['mu'])) {
            [$moreLow, $moreHigh] = $this->part($m, 'm');
            [$low, $high] = [$low + $moreLow, $high + $moreHigh];
        } elseif (($m['ma'] ?? null) !== null) {
            return [
                $low,
                $high,
                strlen(
                    rtrim(
                        preg_replace(
                            '~\s*(?:,|and|&)?\s*'.preg_quote((string) $m['ma'], '~').'.*$~us',
                            '',
                            $all,
                            1,
                        ) ?? $all,
                    ),
                ),
            ];
        }
        if (($m['xa'] ?? null) !== null) {
            [, $high] = $this->part($m, 'x');
            $high += ($m['ya'] ?? null) !== null ? $this->part($m, 'y')[1] : 0.0;
        }

        return [$low, $high, strlen(rtrim($all))];
    }

    /**
     * @param  array<array-key, ?string>  $m
     * @return array{float, float} minutes
     */
    private function part(array $m, string $prefix): array
    {
        $unit = self::unit((string) ($m[$prefix.'u'] ?? 'min'));
        $half = ($m[$prefix.'h'] ?? null) !== null ? $unit / 2 : 0.0;
        $low = $this->number((string) $m[$prefix.'a']) * $unit + $half;
        $high = ($m[$prefix.'b'] ?? null) === null ? $low : $this->number((string) $m[$prefix.'b']) * $unit + $half;

        return [$low, $high];
    }

    private static function unit(string $word): float
    {
        return match (true) {
            preg_match('~^(?:h|st|ti)~iu', $word) === 1 => 60.0,
            preg_match('~^s~iu', $word) === 1 => 1 / 60,
            default => 1.0,
        };
    }

    private function number(string $text): float
    {
        $text = mb_strtolower(trim($text));
        if (preg_match('~^(\d+)[\s-](\d)/(\d)$~', $text, $m) === 1) {
            return (float) $m[1] + (int) $m[2] / max(1, (int) $m[3]);
        }

        return match (true) {
            str_starts_with($text, 'half') => 0.5,
            str_starts_with($text, 'three quarters') => 0.75,
            str_contains($text, 'quarter') => 0.25,
            str_contains($text, 'couple') => 2.0,
            str_contains($text, 'few') => 3.0,
            preg_match('~^(?:an?|another)\b~', $text) === 1 => 1.0,
            default => $this->words->word($text) ?? $this->words->number($text),
        };
    }

    private static function isOven(string $before, string $after): bool
    {
        $clause = (string) preg_replace(
            '~^.*(?:(?<!approx|\bca|\bmin|mins|\bhr|hrs|[\s°]F|[\s°]C)[.;!?]\s+|(?<=\bmin|mins|\bhr|hrs)\.\s+(?=\d{3}|\p{Lu}))~us', '', $before,
        );
        preg_match_all(self::DOING, $clause, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        $last = end($found);
        if ($last !== false) {
            return $last['oven'] !== null;
        }
        if (preg_match('~^[^.;]{0,40}\b(?:in|into)\s+the\s+oven\b~iu', $after) === 1) {
            return true;
        }

        if (
            trim($clause) === '' &&
            preg_match('~^\s*(?:[,.]|till?\b|until\b|or\s+until)~iu', $after) === 1 &&
            preg_match('~\boven\b|°|\bgas\b|(?:^|[.;]\s)[1-4]\d[05]\s?[FC]?[.;]\s~iu', $before) === 1 &&
            preg_match('~\b(?:trays?|tins?|dish|sheets?|pans?|cases|flatten|shape)\b[^.;!]*[.;!]\s*$~iu', $before) === 1
        ) {
            // "Spoonfuls onto trays, flatten. 12 mins, cool on the trays."
            return true;
        }

        return preg_match('~\boven\b|°|\b\d{3}\s?[FC]\b|\bgas\b|\bregulo\b|\dfan\b|\bfan\b|^\W*[1-4]\d[05]\s*(?:for\b|,)?\s*(?:about\s*)?$~iu', $clause) === 1 ||
            preg_match('~\b(?:pan|tin|dish|tray|mould|sheet)s?\b\W*$~iu', $clause) === 1 ||
            (trim($clause) === '' &&
                preg_match('~^\W*(?:rest|chill|cool|stand)~iu', $after) !== 1 &&
                preg_match(self::DOING, $before) !== 1);
    }
}
