<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Normalizer;

/**
 * Finds the food that a name means: the whole name, then without words that do not change the food,
 * then the longest run of its words that is a name, then a name one or two letters away.
 */
final class FoodIndex
{
    private const LONGEST_RUN = 6;

    private const SPELLINGS = [
        'yoghurt' => 'yogurt', 'fibre' => 'fiber', 'flavoured' => 'flavored', 'unflavoured' => 'unflavored',
        'flavouring' => 'flavoring', 'colouring' => 'coloring', 'colour' => 'color', 'gelatine' => 'gelatin',
        'soya' => 'soy', 'jelly' => 'jelly', 'castor' => 'caster', 'raising' => 'rising', 'alkalised' => 'alkalized',
        'hydrolysed' => 'hydrolyzed', 'crystallised' => 'crystallized', 'skimmed' => 'skim', 'soured' => 'sour',
        'linseed' => 'flaxseed', 'monkfruit' => 'monk fruit', 'aluminium' => 'aluminum', 'mould' => 'mold',
    ];

    /** @var array<string, string> a name in normal form => food key */
    private array $names;

    /** @var array<string, true> */
    private array $ignored;

    /** A pattern of what may be left out whole, "" for nothing. */
    private string $phrases;

    /** @var array<string, string> word => "head" or "state" */
    private array $decisive;

    /** @var array<string, FoodMatch> */
    private array $seen = [];

    private function __construct(FoodNames $names)
    {
        $this->names = $names->foods;
        $this->ignored = $names->ignored;
        $this->decisive = $names->decisive;
        $this->shapes = $names->shapes;
        $this->kin = $names->kin;
        $this->phrases = $names->phrases === [] ? '' : '~\b(?:'.implode('|', $names->phrases).')\b~';
    }

    public static function of(FoodNames $names): self
    {
        return new self($names);
    }

    /**
     * Foods whose names look most like this one, for a name that was not understood.
     *
     * @return list<string> food keys, nearest first
     */
    public function suggest(string $name, int $most): array
    {
        $wanted = self::normal($name);
        $near = [];
        foreach ($wanted === '' ? [] : $this->names as $known => $food) {
            similar_text($wanted, (string) $known, $percent);
            $near[$food] = max($near[$food] ?? 0.0, $percent);
        }
        arsort($near);

        return array_slice(array_keys($near), 0, $most);
    }

    /** @var array<string, list<string>> */
    private array $shapes;

    /** @var array<string, string> */
    private array $kin;

    /** Words that bakers cut short. */
    private const SHORT = ['choc' => 'chocolate', 'marg' => 'margarine'];

    public static function normal(string $name): string
    {
        return implode(' ', self::words($name));
    }

    public function find(string $name): FoodMatch
    {
        return $this->seen[$name] ??= $this->search($name);
    }

    /** Whether all of the words, as they stand, are a food's name. */
    public function isName(string $name): bool
    {
        return isset($this->names[implode(' ', self::words($name))]);
    }

    public function isIgnored(string $name): bool
    {
        foreach (self::words($name) as $word) {
            if (! isset($this->ignored[$word])) {
                return false;
            }
        }

        return true;
    }

    private function search(string $name): FoodMatch
    {
        $words = self::words($name);
        if ($words === []) {
            return FoodMatch::none();
        }
        $exact = $this->names[implode(' ', $words)] ?? null;
        if ($exact !== null) {
            return new FoodMatch($exact, true);
        }
        $words = $this->withoutPhrases($words);
        $plain = array_values(
            array_filter($words, fn (string $w): bool => ! isset($this->ignored[$w]) || isset($this->decisive[$w])),
        );
        $known = $this->names[implode(' ', $plain)] ?? null;
        $runs = $this->runs($words);
        if ($known !== null) {
            return new FoodMatch($known, true, $this->others($runs, $known));
        }
        $near = $this->misspelt($plain === [] ? $words : $plain);
        $run = $this->fitting($words, $runs);
        $kin = $this->kinOf($words, $run, $runs);
        if ($kin !== null && $near->food === null) {
            return new FoodMatch($kin, false, $this->others($runs, $kin));
        }
        if ($run === null) {
            return $near->food === null ? FoodMatch::none(array_values(array_unique(array_column($runs, 0)))) : $near;
        }
        $found = $this->fromRun($words, $run, $runs);

        return $found->sure || $near->food === null
            ? $found
            : new FoodMatch($near->food, false, [(string) $found->food, ...$near->rivals]);
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private function withoutPhrases(array $words): array
    {
        $text = implode(' ', $words);
        $rest = $this->phrases === '' ? $text : trim(preg_replace($this->phrases, ' ', $text) ?? $text);

        return $rest === $text || $rest === '' ? $words : (preg_split('~ +~', $rest) ?: $words);
    }

    /**
     * The noun that ends a name decides, whatever stands before it: coconut nectar is no coconut. Where all else is
     * as unknown, nobody can tell; and what is sugar-free or in place of something is not the worst of its kin.
     *
     * @param  list<string>  $words
     * @param  ?array{string, int, int}  $run
     * @param  list<array{string, int, int}>  $runs
     */
    private function kinOf(array $words, ?array $run, array $runs): ?string
    {
        $last = count($words) - 1;
        $isNamed = $run !== null && $last < $run[1] + $run[2];
        $isOther = array_filter($words, fn (string $w): bool => ($this->decisive[$w] ?? '') === 'state') !== [];

        return $isNamed || $isOther || $runs === [] ? null : $this->kin[$words[$last]] ?? null;
    }

    /**
     * @param  list<string>  $words
     * @param  array{string, int, int}  $run
     * @param  list<array{string, int, int}>  $runs
     */
    private function fromRun(array $words, array $run, array $runs): FoodMatch
    {
        [$food, $at, $length] = $run;
        $left = [...array_slice($words, 0, $at), ...array_slice($words, $at + $length)];
        $sure = array_filter($left, fn (string $w): bool => ! isset($this->ignored[$w])) === [];

        return new FoodMatch($food, $sure, $this->others($runs, $food));
    }

    /**
     * The first run that the words around it leave as it is. Butter, milk, oil or powder of something is never the
     * thing itself, and what is dried, condensed or sugar-free is never what it was before.
     *
     * @param  list<string>  $words
     * @param  list<array{string, int, int}>  $runs
     * @return ?array{string, int, int}
     */
    private function fitting(array $words, array $runs): ?array
    {
        foreach ($runs as $run) {
            [, $at, $length] = $run;
            $fits = true;
            foreach ($words as $i => $word) {
                $isInside = $i >= $at && $i < $at + $length;
                $kind = $this->decisive[$word] ?? '';
                $isHeadBehind = $kind === 'head' && $i >= $at + $length;
                $fits = $fits && ($isInside || ($kind !== 'state' && ! $isHeadBehind));
            }
            $isBareHead = $length === 1 && ($this->decisive[$words[$at]] ?? '') === 'head';
            if ($fits && ! ($isBareHead && $this->isOfAnother($words, $at, $run[0], $runs))) {
                return $run;
            }
        }

        return null;
    }

    /**
     * Another food's name stands before a word such as "butter": walnut butter is no butter.
     *
     * @param  list<string>  $words
     * @param  list<array{string, int, int}>  $runs
     */
    private function isOfAnother(array $words, int $head, string $food, array $runs): bool
    {
        foreach ($runs as [$other, $at, $length]) {
            if ($other !== $food && $at + $length <= $head) {
                return true;
            }
        }
        foreach (array_slice($words, 0, $head) as $word) {
            if (! isset($this->ignored[$word]) && in_array($word, ['nut', 'seed', 'apple', 'plant', 'bean'], true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Runs of words that name a food: longest first, and of equal ones the later, since the noun comes last.
     *
     * @param  list<string>  $words
     * @return list<array{string, int, int}> food, first word, words
     */
    private function runs(array $words): array
    {
        $found = [];
        $count = count($words);
        for ($length = min($count, self::LONGEST_RUN); $length > 0; $length--) {
            for ($at = $count - $length; $at >= 0; $at--) {
                $food = $this->names[implode(' ', array_slice($words, $at, $length))] ?? null;
                if ($food !== null) {
                    $found[] = [$food, $at, $length];
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<array{string, int, int}>  $runs
     * @return list<string>
     */
    private function others(array $runs, string $chosen): array
    {
        return array_values(array_diff(array_unique(array_column($runs, 0)), [$chosen]));
    }

    /**
     * A name as long, whose words are each a letter or two away.
     *
     * @param  list<string>  $words
     */
    private function misspelt(array $words): FoodMatch
    {
        $wanted = implode(' ', $words);
        $length = strlen($wanted);
        if ($length < 5 || $length > 40) {
            return FoodMatch::none();
        }
        $count = count($words);
        $near = [];
        for ($other = $length - 2; $other <= $length + 2; $other++) {
            foreach ($this->shapes[FoodNames::shape($wanted[0], $count, $other)] ?? [] as $name) {
                $distance = $this->distance($words, explode(' ', $name));
                if ($distance !== null) {
                    $near[$this->names[$name]] = min($near[$this->names[$name]] ?? 9, $distance);
                }
            }
        }
        asort($near);
        $foods = array_keys($near);

        return new FoodMatch($foods[0] ?? null, false, array_slice($foods, 1));
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $others
     * @return ?int letters in all; null where a word is too far from its own
     */
    private function distance(array $words, array $others): ?int
    {
        $sum = 0;
        foreach ($words as $i => $word) {
            $distance = self::letters($word, $others[$i]);
            $length = strlen($word);
            // Decisive words are as they are: "dried" is no misspelling of anything.
            if (
                $distance > ($length < 5 ? 0 : ($length < 7 ? 1 : 2)) ||
                ($distance > 0 && isset($this->decisive[$word]))
            ) {
                return null;
            }
            $sum += $distance;
        }

        return $sum <= 2 && $sum > 0 ? $sum : null;
    }

    /** Letters put in, left out, changed or, as one slip, in the wrong order. */
    private static function letters(string $word, string $other): int
    {
        $distance = levenshtein($word, $other);
        if ($distance !== 2 || strlen($word) !== strlen($other)) {
            return $distance;
        }
        $at = strspn($word ^ $other, "\0");

        return $at + 1 < strlen($word) && $word[$at] === $other[$at + 1] && $word[$at + 1] === $other[$at] ? 1 : 2;
    }

    /** @return list<string> words in lower case, without accents, in the singular and one spelling */
    public static function words(string $text): array
    {
        $text = mb_strtolower($text);
        if (preg_match('/[^\x00-\x7f]/', $text) === 1) {
            $text = self::plain($text);
        }
        $text = str_replace(["'s ", "s' "], ['s ', 's '], $text.' ');
        preg_match_all('/\d+(?:\.\d+)?|[a-z]+|%/', $text, $found);

        return array_map(static fn (string $w): string => self::SHORT[$w] ?? self::singular($w), $found[0]);
    }

    /** Letters without their marks: "jalapeño" is jalapeno, "smörgås" is smorgas. */
    private static function plain(string $text): string
    {
        $text = strtr($text, [
            'ø' => 'o',
            'æ' => 'ae',
            'œ' => 'oe',
            'ß' => 'ss',
            'ł' => 'l',
            'đ' => 'd',
            'ð' => 'd',
            'þ' => 'th',
            'ı' => 'i',
            '’' => "'",
        ]);
        $parted = Normalizer::normalize($text, Normalizer::FORM_D);

        return preg_replace('/\p{Mn}+/u', '', $parted === false ? $text : $parted) ?? $text;
    }

    private static function singular(string $word): string
    {
        $length = strlen($word);
        if ($length > 3 && $word[$length - 1] === 's') {
            $word = match (true) {
                str_ends_with($word, 'ss'), str_ends_with($word, 'us'), str_ends_with($word, 'is') => $word,
                str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
                str_ends_with($word, 'oes') => substr($word, 0, -2),
                str_ends_with($word, 'ves') => substr($word, 0, -3).'f',
                preg_match('/(?:[sc]h|x|ss)es$/', $word) === 1 => substr($word, 0, -2),
                default => substr($word, 0, -1),
            };
        }

        return self::SPELLINGS[$word] ?? $word;
    }
}
