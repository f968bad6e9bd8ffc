<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/** What recipes call the pieces that they make, and the wholes that are cut (`data/piece_words.csv`). */
final readonly class PieceWords
{
    /** @var array<string, array<string, string>> rows of `data/piece_words.csv` by word */
    private array $words;

    public function __construct(Tables $tables)
    {
        $this->words = $tables->keyed('piece_words', 'word');
    }

    /** A loaf or a batch, of which the text does not say into how much it is cut. */
    public function isWhole(string $word): bool
    {
        return ($this->words[self::key($word)]['kind'] ?? '') === 'whole';
    }

    public function one(string $word): string
    {
        $key = self::key($word);

        return str_replace('-', ' ', $this->words[$key]['one'] ?? (preg_replace('~(?<=[^s])s$~', '', $key) ?? $key));
    }

    private static function key(string $word): string
    {
        return preg_replace('~\s+~', '-', mb_strtolower(trim($word))) ?? $word;
    }
}
