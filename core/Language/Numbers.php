<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use Aglyca\Core\Tables;

/**
 * Numbers in any form: "36", "1 1/2", "1-1/2", "2½", "thirty-six", "one hundred and fifty", "two and a half", "half a
 * dozen", "three quarters". Words stand in `data/number_words.csv`, signs in `data/fractions.csv`.
 */
final readonly class Numbers
{
    /** Of a fraction in figures the largest below the stroke. */
    private const FINEST = 16;

    /** @var array<string, float> */
    private array $words;

    /** @var array<string, string> */
    private array $kinds;

    /** @var array<string, float> */
    private array $signs;

    public function __construct(Tables $tables, private Lexicon $lexicon)
    {
        $this->words = $tables->numbers('number_words', 'value', 'word');
        $this->kinds = $tables->pairs('number_words', 'kind', 'word');
        $this->signs = $tables->numbers('fractions', 'value', 'sign');
    }

    /** @param  list<Token>  $tokens */
    public function at(array $tokens, int $i): ?Number
    {
        $token = $tokens[$i] ?? null;
        if ($token === null) {
            return null;
        }
        $isArticle = isset($token->forms['<article>']);
        $number = $isArticle ? $this->ofArticle($tokens, $i) : $this->plain($tokens, $i);
        if ($number === null) {
            return null;
        }
        $multiple = isset($tokens[$number->end]) ? $this->lexicon->multiple($tokens[$number->end]) : null;
        if ($multiple === null) {
            // "a" alone is no number.
            return $isArticle && $number->end === $i + 1 ? null : $number;
        }
        $rest = $multiple === 100.0 ? $this->behindHundred($tokens, $number->end + 1) : null;

        return new Number(
            $number->value * $multiple + ($rest->value ?? 0.0), $rest->end ?? $number->end + 1, $multiple,
        );
    }

    /**
     * A number, or the bounds of a range: "2 to 3", "10–12", "one or two".
     *
     * @param  list<Token>  $tokens
     * @return ?array{Number, Number} the second the same where there is one alone
     */
    public function range(array $tokens, int $i): ?array
    {
        $low = $this->at($tokens, $i);
        if ($low === null) {
            return null;
        }
        $joins = isset($tokens[$low->end]) && isset($tokens[$low->end]->forms['<range-joiner>']);
        $high = $joins ? $this->at($tokens, $low->end + 1) : null;

        return [$low, $high ?? $low];
    }

    /**
     * "half", "a quarter", "three quarters": a part, and the article and "of" behind it.
     *
     * @param  list<Token>  $tokens
     */
    public function part(array $tokens, int $i): ?Number
    {
        $many = 1.0;
        $token = $tokens[$i] ?? null;
        if ($token !== null && (isset($token->forms['<article>']) || $this->kind($token) === 'number')) {
            $many = isset($token->forms['<article>']) ? 1.0 : $this->words[$token->word];
            $token = $tokens[++$i] ?? null;
        }
        if ($token === null || ! in_array($this->kind($token), ['part', 'parts'], true)) {
            return null;
        }
        $i++;
        $i += ($tokens[$i]->word ?? '') === 'of' ? 1 : 0;
        $i += isset($tokens[$i]) && isset($tokens[$i]->forms['<article>']) ? 1 : 0;

        return new Number($many * $this->words[$token->word], $i);
    }

    /**
     * "1/2", "½", "-1/4", "and a half" behind a whole.
     *
     * @param  list<Token>  $tokens
     */
    private function fraction(array $tokens, int $i): ?Number
    {
        $token = $tokens[$i] ?? null;
        if ($token === null) {
            return null;
        }
        if (isset($this->signs[$token->word])) {
            return new Number($this->signs[$token->word], $i + 1);
        }
        if ($token->word === 'and') {
            return $this->part($tokens, $i + 1) ?? $this->stroke($tokens, $i + 1);
        }
        if ($token->word === '-' && isset($tokens[$i + 1]) && $tokens[$i + 1]->at === $token->end()) {
            return $this->fraction($tokens, $i + 1);
        }

        return $this->stroke($tokens, $i);
    }

    /** @param  list<Token>  $tokens */
    private function stroke(array $tokens, int $i): ?Number
    {
        $over = $tokens[$i]->number ?? null;
        $under = $tokens[$i + 2]->number ?? null;
        $isStroke = in_array($tokens[$i + 1]->word ?? '', ['/', '⁄'], true);

        return $isStroke && $over !== null && $under !== null && $over > 0 && $over < $under && $under <= self::FINEST
            ? new Number($over / $under, $i + 3)
            : null;
    }

    /** @param  list<Token>  $tokens */
    private function plain(array $tokens, int $i): ?Number
    {
        $token = $tokens[$i];
        $alone = isset($this->signs[$token->word])
            ? new Number($this->signs[$token->word], $i + 1)
            : ($this->stroke($tokens, $i) ?? $this->part($tokens, $i));
        if ($alone !== null) {
            return $alone;
        }
        $value = $token->number ?? ($this->kind($token) === 'number' ? $this->words[$token->word] : null);
        if ($value === null) {
            return null;
        }
        $end = $i + 1;
        if ($token->number === null) {
            [$value, $end] = $this->withOnes($tokens, $value, $end);
        }
        $more = $this->fraction($tokens, $end);

        return new Number($value + ($more->value ?? 0.0), $more->end ?? $end);
    }

    /**
     * "thirty-six"
     *
     * @param  list<Token>  $tokens
     * @return array{float, int}
     */
    private function withOnes(array $tokens, float $value, int $end): array
    {
        $isTens = $value >= 20 && $value < 100 && fmod($value, 10.0) === 0.0;
        $next = $tokens[$end] ?? null;
        $ones = $isTens && $next !== null && $this->kind($next) === 'number' ? $this->words[$next->word] : 0.0;

        return $ones >= 1 && $ones < 10 ? [$value + $ones, $end + 1] : [$value, $end];
    }

    /**
     * "a dozen", "a half dozen", "a quarter of an", "a few"
     *
     * @param  list<Token>  $tokens
     */
    private function ofArticle(array $tokens, int $i): Number
    {
        $next = $tokens[$i + 1] ?? null;
        // "a couple", "a few"
        $isSome = $next !== null && isset($next->forms['<some>']);

        return $this->part($tokens, $i) ?? ($isSome ? new Number($this->words[$next->word], $i + 2)
            : new Number(1.0, $i + 1));
    }

    /**
     * "and fifty"
     *
     * @param  list<Token>  $tokens
     */
    private function behindHundred(array $tokens, int $i): ?Number
    {
        $i += ($tokens[$i]->word ?? '') === 'and' ? 1 : 0;
        $rest = isset($tokens[$i]) && $tokens[$i]->number === null ? $this->plain($tokens, $i) : null;

        return $rest !== null && $rest->value < 100 ? $rest : null;
    }

    private function kind(Token $token): string
    {
        return $this->kinds[$token->word] ?? '';
    }
}
