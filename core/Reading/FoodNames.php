<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/** Every name that a food goes by, in normal form, and the words that change no food. */
final readonly class FoodNames
{
    /**
     * @param  array<string, string>  $foods  name => food key
     * @param  array<string, true>  $ignored  words that change no food
     * @param  list<string>  $phrases  that change no food though a word of theirs would: "free range"
     * @param  array<string, string>  $decisive  word => "head", of which a thing is, or "state", which makes another
     *     of it
     * @param  array<string, list<string>>  $shapes  the names by their first letter, words and letters
     * @param  array<string, string>  $kin  last word of a name that is not known => the worst of its likely kin
     */
    public function __construct(
        public array $foods,
        public array $ignored,
        public array $phrases,
        public array $decisive,
        public array $shapes,
        public array $kin,
    ) {}

    public static function of(Tables $tables): self
    {
        return new self(...$tables->worked('names of foods', static fn (): array => self::compiled($tables)));
    }

    /**
     * @return array{array<string, string>, array<string, true>, list<string>, array<string, string>, array<string,
     *     list<string>>, array<string, string>}
     */
    private static function compiled(Tables $tables): array
    {
        $foods = [];
        foreach ($tables->rows('foods') as $row) {
            foreach (
                [$row['name'], ...array_filter(explode('|', $row['aliases'])), str_replace('-', ' ', $row['key'])] as $alias
            ) {
                $foods[FoodIndex::normal($alias)] ??= $row['key'];
            }
        }
        $decisive = [];
        foreach ($tables->rows('decisive_words') as $row) {
            $decisive[FoodIndex::normal($row['word'])] = $row['kind'];
        }
        $ignored = [];
        $phrases = [];
        foreach ($tables->rows('prep_words') as $row) {
            $words = FoodIndex::words($row['word']);
            if (count($words) === 1) {
                $ignored[$words[0]] = true;
            } elseif (array_intersect_key(array_flip($words), $decisive) !== []) {
                $phrases[] = implode(' ', $words);
            } else {
                $ignored += array_fill_keys(
                    array_filter($words, static fn (string $w): bool => ! isset($foods[$w])),
                    true,
                );
            }
        }
        $isState = static fn (string $kind): bool => $kind === 'state';

        return [
            $foods,
            array_diff_key($ignored, array_filter($decisive, $isState)),
            $phrases,
            $decisive,
            self::shaped(array_keys($foods)),
            $tables->pairs('language/en/kin', 'food', 'word'),
        ];
    }

    /** Names are alike only among those of one shape. */
    public static function shape(string $first, int $words, int $letters): string
    {
        return "$first$words-$letters";
    }

    /**
     * @param  list<int|string>  $names
     * @return array<string, list<string>>
     */
    private static function shaped(array $names): array
    {
        $shapes = [];
        foreach (array_map(strval(...), $names) as $name) {
            $shapes[self::shape(substr($name, 0, 1), substr_count($name, ' ') + 1, strlen($name))][] = $name;
        }

        return $shapes;
    }

    /** @param  array<string, string>  $names  in normal form => food key: what a kitchen said before goes first */
    public function knowing(array $names): self
    {
        return $names === []
            ? $this
            : new self(
                [...$this->foods, ...$names],
                $this->ignored,
                $this->phrases,
                $this->decisive,
                array_merge_recursive($this->shapes, self::shaped(array_keys(array_diff_key($names, $this->foods)))),
                $this->kin,
            );
    }
}
