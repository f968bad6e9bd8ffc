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

    /** @var array<string, FoodMatch> */
    private array $seen = [];

    private function __construct(FoodNames $names)
    {
        $this->names = $names->foods;
        $this->ignored = $names->ignored;
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
            return new FoodMatch(null, false);
        }
        $exact = $this->names[implode(' ', $words)] ?? null;
        if ($exact !== null) {
            return new FoodMatch($exact, true);
        }
        $plain = array_values(array_filter($words, fn (string $w): bool => ! isset($this->ignored[$w])));
        $known = $this->names[implode(' ', $plain)] ?? null;
        $runs = $this->runs($words);
        if ($known !== null) {
            return new FoodMatch($known, true, $this->others($runs, $known));
        }
        if ($runs !== []) {
            $found = $this->fromRuns($words, $runs);
            $near = $found->sure ? null : $this->misspelt($words);

            return $near?->food === null ? $found : new FoodMatch($near->food, false, [(string) $found->food, ...$near->rivals]);
        }

        return $this->misspelt($plain === [] ? $words : $plain);
    }

    /**
     * @param  list<string>  $words
     * @param  list<array{string, int, int}>  $runs
     */
    private function fromRuns(array $words, array $runs): FoodMatch
    {
        [$food, $at, $length] = $runs[0];
        $left = [...array_slice($words, 0, $at), ...array_slice($words, $at + $length)];
        $sure = array_filter($left, fn (string $w): bool => ! isset($this->ignored[$w])) === [];

        return new FoodMatch($food, $sure, $this->others($runs, $food));
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

    /** @param  list<string>  $words */
    private function misspelt(array $words): FoodMatch
    {
        $wanted = implode(' ', $words);
        $length = strlen($wanted);
        if ($length < 4 || $length > 40) {
            return new FoodMatch(null, false);
        }
        $allowed = $length < 5 ? 1 : 2;
        $near = [];
        foreach ($this->names as $name => $food) {
            if (abs(strlen($name) - $length) <= $allowed && $name[0] === $wanted[0]) {
                $distance = levenshtein($wanted, $name);
                if ($distance <= $allowed) {
                    $near[$food] = min($near[$food] ?? 9, $distance);
                }
            }
        }
        asort($near);
        $foods = array_keys($near);

        return new FoodMatch($foods[0] ?? null, false, array_slice($foods, 1));
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

        return array_map(self::singular(...), $found[0]);
    }

    /** Letters without their marks: "jalapeño" is jalapeno, "smörgås" is smorgas. */
    private static function plain(string $text): string
    {
        $text = strtr($text, ['ø' => 'o', 'æ' => 'ae', 'œ' => 'oe', 'ß' => 'ss', 'ł' => 'l', 'đ' => 'd', 'ð' => 'd', 'þ' => 'th', 'ı' => 'i', '’' => "'"]);
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
