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

    private const BRACKETS = ['(' => '<open>', '[' => '<open>', ')' => '<close>', ']' => '<close>'];

    public function __construct(
        private Lexer $lexer,
        private Lexicon $lexicon,
        private Numbers $numbers,
        private PieceWords $pieces,
    ) {}

    /** @return list<Token> */
    public function tokens(string $text): array
    {
        $raw = $this->lexer->tokens($text);
        [$tokens, $i] = [[], 0];
        while ($i < count($raw)) {
            [$token, $i] = $this->dimension($text, $raw, $i)
                ?? $this->count($text, $raw, $i)
                ?? [$this->word($raw[$i]), $i + 1];
            $tokens[] = $token;
        }

        return $tokens;
    }

    private function word(Token $token): Token
    {
        $forms = $token->forms;
        foreach (array_keys($token->forms) as $form) {
            $kind = $this->pieces->kind((string) $form);
            if ($kind !== '') {
                $forms[$kind === 'whole' ? '<whole>' : '<piece>'] = true;
            }
        }
        if (isset(self::BRACKETS[$token->word])) {
            $forms[self::BRACKETS[$token->word]] = true;
        }

        $word = $this->lexicon->is($token, 'piece') ? $this->lexicon->lemma($token) : $token->word;

        return new Token($token->raw, $word, $forms, $token->at, $token->number);
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
        $end += $unit !== null && ($this->lexicon->is($unit, 'length') || $this->lexicon->is($unit, 'inches')) ? 1 : 0;

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
        foreach (self::UNITS as $kind) {
            if (isset($raw[$end]) && $this->lexicon->is($raw[$end], $kind)) {
                return [self::bundle($text, $raw, $i, $end + 1, '<measure>'), $end + 1];
            }
        }
        $isWhole = $value >= 1 && $value <= YieldReader::MOST_PIECES && floor($value) === $value;

        return [self::bundle($text, $raw, $i, $end, $isWhole ? '<count>' : '<number>', $value), $end];
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
