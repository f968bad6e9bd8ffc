<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Language\Token;

/**
 * A text as words with their kinds, in which what belongs together is one: "2 to 3", "2½ dozen" and "half a dozen" are
 * a count, "450 g" and "350 kcal" a measure, "20 x 30 cm" a dimension. Phrases ask for `<count>`, `<piece>`, `<made>`.
 */
final readonly class Counted
{
    private const UNITS = ['mass', 'length', 'energy', 'time', 'share', 'heat', 'inches'];

    /** Words: a longer sentence is read by parts. */
    private const LONGEST = 120;

    /** A tin is at most so many times as long as it is wide. */
    private const NARROW = 4;

    public function __construct(
        private Lexer $lexer,
        private Lexicon $lexicon,
        private Numbers $numbers,
    ) {}

    /** @return list<Token> */
    public function tokens(string $text): array
    {
        return $this->bundled($text, $this->lexer->tokens($text));
    }

    /** @return list<non-empty-list<Token>> */
    public function sentences(string $text): array
    {
        $all = [];
        foreach ($this->lexer->sentences($text) as $sentence) {
            foreach (array_chunk($sentence->tokens, self::LONGEST) as $tokens) {
                $bundled = $this->bundled($text, $tokens);
                if ($bundled !== []) {
                    $all[] = $bundled;
                }
            }
        }

        return $all;
    }

    /**
     * @param  list<Token>  $raw
     * @return list<Token>
     */
    private function bundled(string $text, array $raw): array
    {
        [$tokens, $i] = [[], 0];
        while ($i < count($raw)) {
            [$token, $end] = $this->dimension($text, $raw, $i)
                ?? $this->count($text, $raw, $i)
                ?? [$raw[$i], $i + 1];
            // "ca. 40": the stop is the word's.
            $isStop = $token->word === '.' && $i > 0 && $this->lexicon->is($raw[$i - 1], 'about');
            if (! $isStop) {
                $tokens[] = $token;
            }
            $i = $end;
        }

        return $tokens;
    }

    /**
     * "20 x 30 cm", "9x13": two numbers that are no count.
     *
     * @param  list<Token>  $raw
     * @return ?array{Token, int}
     */
    private function dimension(string $text, array $raw, int $i): ?array
    {
        $end = $i;
        while (
            isset($raw[$end + 2]) && $raw[$end]->number !== null && $raw[$end + 2]->number !== null &&
            $this->lexicon->is($raw[$end + 1], 'times')
        ) {
            $end += 2;
        }
        $unit = $raw[$end + 1] ?? null;
        // "20 x 50 g" is twenty of that weight.
        if ($end === $i || ($unit !== null && $this->lexicon->is($unit, 'mass'))) {
            return null;
        }
        $isLong = $unit !== null && ($this->lexicon->is($unit, 'length') || $this->lexicon->is($unit, 'inches'));
        // "50 x 2.5 cm squares" are fifty: no tin is so long and so narrow.
        $isMany = $raw[$i]->number > self::NARROW * $raw[$end]->number;
        if ($isLong && $isMany && isset($raw[$end + 2]) && $this->lexicon->is($raw[$end + 2], 'piece')) {
            return null;
        }
        $end += $isLong ? 1 : 0;

        return [self::bundle($text, $raw, $i, $end + 1, '<dimension>'), $end + 1];
    }

    /**
     * A number in any form, with what makes it a count or a measure.
     *
     * @param  list<Token>  $raw
     * @return ?array{Token, int}
     */
    private function count(string $text, array $raw, int $i): ?array
    {
        $range = $this->numbers->range($raw, $i);
        if ($range === null) {
            return null;
        }
        [$least, $most] = $range;
        [$value, $end] = [$least->value, $least->end];
        if ($most->value > $value) {
            // Of a range the lower, which makes the larger piece; a dozen behind it is of both.
            $value *= $least->multiple === 1.0 ? $most->multiple : 1.0;
            $end = $most->end;
        }
        if (isset($raw[$end]) && $this->isUnit($raw[$end], $raw[$end + 1] ?? null)) {
            return [self::bundle($text, $raw, $i, $end + 1, '<measure>'), $end + 1];
        }
        $isWhole = $value >= 1 && $value <= Yields::MOST_PIECES && floor($value) === $value;

        $bundle = self::bundle($text, $raw, $i, $end, $isWhole ? '<count>' : '<number>', $value);
        $isDozen = max($least->multiple, $most->multiple) > 1.0;

        return [$isDozen ? $bundle->as('<dozen>') : $bundle, $end];
    }

    /** Spoons measure what is named behind them; alone they are what a jar is eaten by. */
    private function isUnit(Token $token, ?Token $next): bool
    {
        foreach (self::UNITS as $kind) {
            if ($this->lexicon->is($token, $kind)) {
                return true;
            }
        }

        return $this->lexicon->is($token, 'spoon') && $next !== null && ctype_alpha($next->word[0]);
    }

    /** @param  list<Token>  $raw */
    private static function bundle(
        string $text,
        array $raw,
        int $from,
        int $end,
        string $kind,
        ?float $value = null,
    ): Token {
        $at = $raw[$from]->at;

        return new Token(substr($text, $at, $raw[$end - 1]->end() - $at), $kind, [$kind => true], $at, $value);
    }
}
