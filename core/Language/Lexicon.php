<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use Aglyca\Core\Tables;

/** What kinds of word there are, whatever is spoken of (`lexicon.csv` of each language). */
final readonly class Lexicon
{
    /** Kinds with which a time or a heat may begin, where it does not with figures. */
    private const VALUED = [
        'article' => 1, 'again' => 1, 'numeral' => 1, 'fraction' => 1, 'gas' => 1, 'mark' => 1, 'fan' => 1,
    ];

    /** What an inflected verb is of. */
    private const DONE = ['doing!' => 'done', 'work!' => 'done'];

    /** @var array<string, array{lemma: string, kinds: list<string>, value: ?float}> by word */
    private array $words;

    /** @var array<string, string> of what recipes make: "portion" or "whole", by word */
    private array $pieces;

    public function __construct(Tables $tables)
    {
        $this->pieces = $tables->worked('kinds of pieces', static fn (): array => array_merge(
            $tables->pairs('piece_words', 'kind', 'one'),
            $tables->pairs('piece_words', 'kind', 'word'),
        ));
        $this->words = $tables->worked('kinds of words', static fn (): array => self::read($tables));
    }

    /**
     * Beside its own forms the word that it is another spelling of, and its kinds in angle brackets; a word that has a
     * row of its own is of the kinds of that.
     *
     * @param  array<string, true>  $forms
     * @return array<string, true>
     */
    public function tagged(string $word, array $forms): array
    {
        $tagged = $forms;
        foreach ($forms as $form => $is) {
            if (isset($this->pieces[$form])) {
                $tagged[$this->pieces[$form] === 'whole' ? '<whole>' : '<piece>'] = true;
            }
        }
        foreach (isset($this->words[$word]) ? [$word => true] : $forms as $form => $is) {
            $row = $this->words[$form] ?? null;
            if ($row !== null) {
                $tagged[$row['lemma']] = true;
                foreach ($row['kinds'] as $kind) {
                    if (str_ends_with($kind, '!')) {
                        // As it is told to be done, "fill", or as it was done, "filled"; but not "filling".
                        if ($form !== $word && str_ends_with($word, 'ing')) {
                            continue;
                        }
                        $kind = $form === $word ? substr($kind, 0, -1) : self::DONE[$kind] ?? '';
                    }
                    $tagged["<$kind>"] = true;
                    $tagged += isset(self::VALUED[$kind]) ? ['<value>' => true] : [];
                }
            }
        }

        return $tagged;
    }

    /** Of a word by itself, in no other form. */
    public function isWord(string $word, string $kind): bool
    {
        return in_array($kind, $this->words[$word]['kinds'] ?? [], true);
    }

    public function is(Token $token, string $kind): bool
    {
        return isset($token->forms["<$kind>"]);
    }

    /** By how much a multiple multiplies: "doz" by 12; null where it is none. */
    public function multiple(Token $token): ?float
    {
        return $this->is($token, 'multiple') ? $this->words[$token->word]['value'] ?? null : null;
    }

    /** What its row says that it is worth, in whatever form the word stands. */
    public function value(Token $token): ?float
    {
        foreach ([$token->word => true] + $token->forms as $form => $is) {
            if (isset($this->words[$form]['value'])) {
                return $this->words[$form]['value'];
            }
        }

        return null;
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
        foreach (array_keys($tables->keyed('fractions', 'sign')) as $sign) {
            $words[$sign] = ['lemma' => $sign, 'kinds' => ['fraction'], 'value' => null];
        }
        foreach (array_keys($tables->keyed('number_words', 'word')) as $word) {
            $words[$word] = ['lemma' => $word, 'kinds' => ['numeral'], 'value' => null];
        }
        foreach ($tables->spoken('lexicon') as $row) {
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
