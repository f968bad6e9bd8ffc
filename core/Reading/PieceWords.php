<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/** What recipes call the pieces that they make, and the wholes that are cut (`data/piece_words.csv`). */
final readonly class PieceWords
{
    /** @var array<string, array<string, string>> rows of `data/piece_words.csv` by word */
    private array $words;

    /** @var array<string, string> kind by word, of one and of several */
    private array $kinds;

    /** All of them as alternatives of a pattern, longest first; hyphens stand for spaces too. */
    public string $any;

    public function __construct(Tables $tables)
    {
        $this->words = $tables->keyed('piece_words', 'word');
        $this->kinds = $tables->worked('kinds of pieces', static fn (): array => array_merge(
            $tables->pairs('piece_words', 'kind', 'one'),
            $tables->pairs('piece_words', 'kind', 'word'),
        ));
        $this->any = $tables->worked('piece words', function () use ($tables): string {
            $all = array_map(strval(...), array_keys($this->words + $tables->keyed('piece_words', 'one')));
            usort($all, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

            return implode(
                '|',
                array_map(static fn (string $w): string => str_replace('\-', '[\s-]', preg_quote($w, '~')), $all),
            );
        });
    }

    /** A loaf or a batch, of which the text does not say into how much it is cut. */
    public function isWhole(string $word): bool
    {
        return ($this->words[self::key($word)]['kind'] ?? '') === 'whole';
    }

    /** "whole", "portion", or "" where it is no such word. */
    public function kind(string $word): string
    {
        return $this->kinds[$word] ?? '';
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
