<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use Aglyca\Core\Tables;

/** What kinds of word there are, whatever is spoken of (`data/language/en/lexicon.csv`). */
final readonly class Lexicon
{
    /** @var array<string, array{lemma: string, kinds: list<string>, value: ?float}> by word */
    private array $words;

    public function __construct(Tables $tables)
    {
        $this->words = $tables->worked('kinds of words', static fn (): array => self::read($tables));
    }

    /** @return list<string> of a word in any of its forms; a word that has a row of its own is that */
    public function kinds(Token $token): array
    {
        $kinds = [];
        foreach (isset($this->words[$token->word]) ? [$token->word => true] : $token->forms as $form => $is) {
            $kinds = [...$kinds, ...$this->words[$form]['kinds'] ?? []];
        }

        return array_values(array_unique($kinds));
    }

    public function is(Token $token, string $kind): bool
    {
        return in_array($kind, $this->kinds($token), true);
    }

    /** By how much a multiple multiplies: "doz" by 12; null where it is none. */
    public function multiple(Token $token): ?float
    {
        return $this->is($token, 'multiple') ? $this->words[$token->word]['value'] ?? null : null;
    }

    /** The word that it is another spelling of. */
    public function lemma(Token $token): string
    {
        return $this->words[$token->word]['lemma'] ?? $token->word;
    }

    /** @return array<string, array{lemma: string, kinds: list<string>, value: ?float}> */
    private static function read(Tables $tables): array
    {
        $words = [];
        foreach ($tables->rows('language/en/lexicon') as $row) {
            // A word may be of several kinds, in one row or several; what stands about it chooses.
            $words[$row['word']] = [
                'lemma' => $row['lemma'],
                'kinds' => [...$words[$row['word']]['kinds'] ?? [], ...explode('|', $row['kinds'])],
                'value' => $row['value'] === '' ? $words[$row['word']]['value'] ?? null : (float) $row['value'],
            ];
        }

        return $words;
    }
}
