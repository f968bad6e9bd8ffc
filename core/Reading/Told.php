<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/**
 * A recipe that somebody tells in sentences, set out in rows: what goes in a line each, then what is done. It is asked
 * only where no row of a text is an ingredient.
 */
final readonly class Told
{
    private const NO_AMOUNT = '(?!\s*-?\s*(?:\d|min|hours?|hrs?\b|secs?\b|seconds?|days?|cm\b|mm\b|inch|″|"|°|º|degrees?|[cf]\b|%|x\b|ingredients?|servings?|serves?|portions?|pieces|slices|squares|people|layers?|times|more\b))';

    /** What stands before a number that counts no food. */
    private const BEFORE = '(?<!\bgas )(?<!\bmark )(?<!\bat )(?<!\binto )(?<!\bserves )(?<!\bmakes )(?<!\bfeeds )(?<!\bfor )(?<!\bto )';

    private const PART = '~\b(?:the|for|a|an)\s+(?:\pL+\s+){0,2}?(?<part>filling|topping|base|pastry|crust|case|sponge|icing|frosting|sauce|glaze|syrup|crumble|dough|batter|custard|caramel|ganache)\b~iu';

    /** What stands before the first thing that is done, where more is done in the same sentence. */
    private const LED = '~^(?:(?:so|ok(?:ay)?|right|well|now)[,\s]+)*(?:for\s+(?:the|my|our)\s+(?<title>[\pL\s\'’-]{3,40}?)\s*,?\s+)?(?:it[\'’]s\s+[\pL\s]+,\s*)?(?:you|we|i)\s+(?:just\s+)?(?=(?:take|get|mash|mix|beat|whisk|melt|put|use|start|crack|cream)\b[^.]*,\s*(?:and\s+|then\s+)*(?:add|crack|mix|stir|beat|whisk|fold|pour|put|mash|throw|chuck)\b)~iu';

    /** "A bit of butter, maybe a tablespoon", "maple syrup, I use about three tablespoons" */
    private const BEHIND = '~\b(?:a\s+bit\s+of\s+|some\s+|with\s+|of\s+)?(?<food>(?!of\b)\pL+(?:\s(?!of\b)\pL+)?)\s*,\s*(?:(?:i\s+use|maybe|say|like|probably|about)\s+)+(?<amount>[\pL\d.,½¼¾\s]{1,20}?\s(?:tablespoons?|teaspoons?|tbsp|tsp|cups?|grams?|g|ml))\b~iu';

    /** "Half a cup of", "a teaspoon of": said on the list, and no more where it goes in. */
    private const MEASURED = '~\b(?:about\s+)?(?:half\s+an?|an?|one|two|three|four|\d+)\s+(?:heaped\s+|level\s+|big\s+|good\s+|little\s+)?(?:teaspoon|tablespoon|cup|pinch|handful|splash)s?\s+of\s+~iu';

    private string $amount;

    public function __construct(Words $words, private Doing $doing)
    {
        $this->amount =
            '~'.self::BEFORE.'(?<![\d.,/])(?:about\s+)?(?:'.$words->digit.'[\d.,/\s'.$words->signs.']*|(?:'.
            $words->wholes.'|half)\s+(?=\pL)|(?<!half\s)an?\s+(?=(?:(?:heaped|level|big|good|little)\s+)?(?:knob|splash|handful|squeeze|drizzle|pinch|bit|teaspoon|tablespoon|cup)\s+of\b))'.
            self::NO_AMOUNT.'~iu';
    }

    /**
     * Every row that was taken for an ingredient says what is done, and one of them has several amounts.
     *
     * @param  list<string>  $rows
     * @param  list<string>  $ingredients  what stands in some of the rows
     */
    public function isTold(array $rows, array $ingredients): bool
    {
        $many = false;
        foreach ($ingredients as $ingredient) {
            $of = array_filter($rows, static fn (string $row): bool => str_ends_with(trim($row), trim($ingredient)));
            if ($of === [] || ! $this->doing->begins(trim((string) reset($of)))) {
                return false;
            }
            $many = $many || preg_match_all($this->amount, $ingredient) > 1;
        }

        return $many;
    }

    /** The same text in rows; as it was where nothing in it is told so. */
    public function rows(string $text): string
    {
        $rows = array_values(
            array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $r): bool => $r !== ''),
        );
        $title = preg_match('~[.!?]\s+\S~u', $rows[0] ?? '') === 1 ? '' : array_shift($rows);
        // A row that begins with what is done begins a sentence.
        foreach ($rows as $i => $row) {
            $isOpen = preg_match('~[.!?,;:]$~u', $row) !== 1 && $this->doing->begins($rows[$i + 1] ?? '');
            $rows[$i] = $isOpen ? "$row." : $row;
        }
        $sentences = preg_split('~(?<=[.!?])\s+|(?<=\.)(?=\p{Lu})~u', implode(' ', $rows)) ?: [];
        if ($title === '' && count($sentences) > 1 && preg_match($this->amount, $sentences[0]) !== 1) {
            $title = self::titleOf((string) array_shift($sentences));
        }
        [$things, $steps] = [[], []];
        foreach ($sentences as $sentence) {
            $sentence = trim($sentence);
            $many = preg_match_all($this->amount, $sentence, $found, PREG_OFFSET_CAPTURE);
            if ($many > 1 && preg_match(self::LED, $sentence, $lead) === 1) {
                // "Okay so for the pancakes you take two bananas and mash them, then crack in two eggs"
                $title = $title === '' && ($lead['title'] ?? '') !== '' ? ucfirst(trim($lead['title'])) : $title;
                $sentence = ucfirst(substr($sentence, strlen($lead[0])));
                array_push($things, ...$this->named($sentence));
                $steps[] = preg_replace(self::MEASURED, '', $sentence) ?? $sentence;

                continue;
            }
            if ($this->doing->begins($sentence) || $many === 0 || ($many === 1 && $found[0][0][1] > 40)) {
                array_push($things, ...$this->named($sentence));
                $steps[] = $sentence;
            } else {
                $lead = substr($sentence, 0, $found[0][0][1]);
                $part = preg_match(self::PART, $lead, $m) === 1 ? ['For the '.mb_strtolower($m['part']).':'] : [];
                array_push($things, ...$part, ...[rtrim(substr($sentence, $found[0][0][1]), ' .!')]);
            }
        }

        return $things === []
            ? $text
            : implode("\n", [...$title === '' ? [] : [$title], ...$things, '', 'Method', ...$steps]);
    }

    /** "So this is my gran's treacle tart." is the tart. */
    private static function titleOf(string $sentence): string
    {
        $said = preg_replace(
            '~^(?:(?:so|ok(?:ay)?|right|well|now)[,\s]+)*(?:(?:this|here|that)(?:\s+is|[\'’]s)\s+)?(?:how\s+(?:i|we)\s+make\s+)?(?:the|my|our|a|an)?\s*~iu',
            '',
            $sentence,
        );

        return ucfirst(rtrim(trim($said ?? $sentence), ' .!:'));
    }

    /**
     * What a sentence of the method puts in with its amount: "Beat 3 eggs with 150 g sugar".
     *
     * @return list<string>
     */
    private function named(string $sentence): array
    {
        // The amount that is said behind a thing is put before it.
        $sentence = preg_replace_callback(
            self::BEHIND,
            static fn (array $m): string => "$m[amount] of $m[food]",
            $sentence,
        ) ?? $sentence;
        preg_match_all($this->amount, $sentence, $found, PREG_OFFSET_CAPTURE);
        $things = [];
        foreach ($found[0] as $n => [$amount, $at]) {
            $end = $found[0][$n + 1][1] ?? strlen($sentence);
            $words = substr($sentence, $at, $end - $at);
            $cut = preg_split(
                '~[,;.]\s|(?<!ed)\sand\s|\s(?:with|in|into|to|until|till|over|on|then|for|plus|from|at)\s~u',
                substr($words, strlen($amount)),
                2,
            ) ?: [''];
            if (preg_match('~\pL{3}~u', $cut[0]) === 1) {
                $things[] = trim($amount.$cut[0], ' .,!');
            }
        }

        return $things;
    }
}
