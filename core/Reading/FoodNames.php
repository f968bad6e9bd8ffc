<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/** Every name that a food goes by, in normal form, and the words that change no food. A host may keep it compiled. */
final readonly class FoodNames
{
    /**
     * @param  array<string, string>  $foods  name => food key
     * @param  array<string, true>  $ignored  words
     */
    public function __construct(public array $foods, public array $ignored) {}

    public static function compiled(Tables $tables): self
    {
        $foods = [];
        foreach ($tables->rows('foods') as $row) {
            foreach ([$row['name'], ...array_filter(explode('|', $row['aliases'])), str_replace('-', ' ', $row['key'])] as $alias) {
                $foods[FoodIndex::normal($alias)] ??= $row['key'];
            }
        }
        $ignored = [];
        foreach ($tables->rows('prep_words') as $row) {
            foreach (FoodIndex::words($row['word']) as $word) {
                $ignored[$word] = true;
            }
        }

        return new self($foods, $ignored);
    }

    /** @param  array<string, string>  $names  in normal form => food key: what a kitchen said before goes first */
    public function knowing(array $names): self
    {
        return $names === [] ? $this : new self([...$this->foods, ...$names], $this->ignored);
    }
}
