<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer as WordLexer;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Language\Token as WordToken;

/** Cuts a line into numbers, words and signs, each with its place in the text. */
final readonly class Lexer
{
    private string $pattern;

    public function __construct(private Words $words, private WordLexer $lexer, private Numbers $numbers)
    {
        $this->pattern = '~
            (?<percent>\d+(?:[.,]\d+)?\s?%)
            |(?<number>
                \d+(?:\s+|\s?-\s?|\s+and\s+|\s*&\s*)\d+\s?[/⁄]\s?\d+
                |\d+\s?[/⁄]\s?\d+(?:ths?\b|rds?\b)?
                |\d+\s?-?(?:and\s)?\s?['.$words->signs.']
                |['.$words->signs.']
                |\d{1,3}(?:,\d{3})+(?!\d)
                |\d+[.,]\d+
                |[.,]\d+
                |\d+
            )
            |(?<fluid>fl(?:uid)?\.?\s*(?:oz\b\.?|ounces?))
            |(?<word>\p{L}(?:[\p{L}’\'&]|-(?=\p{L}))*)
            |(?<sign>\S)
        ~xiu';
    }

    /** @return list<Token> */
    public function cut(string $text): array
    {
        preg_match_all($this->pattern, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $tokens = [];
        $spelled = $this->spelled($text);
        $behind = 0;
        foreach ($found as $match) {
            [$raw, $at] = [(string) $match[0][0], $match[0][1]];
            if (isset($spelled[$at])) {
                [$value, $behind] = $spelled[$at];
                $tokens[] = new Token(TokenKind::NumberWord, substr($text, $at, $behind - $at), $at, $value);
            }
            if ($at < $behind) {
                continue;
            }
            $tokens[] = match (true) {
                isset($match['number'][0]) => new Token(
                    TokenKind::Number,
                    $raw,
                    $at,
                    $this->words->number($raw),
                    Words::decimals($raw),
                ),
                isset($match['word'][0]) => $this->word($raw, $at),
                isset($match['fluid'][0]) => new Token(TokenKind::Word, 'fl oz', $at, null, 0, strlen($raw)),
                isset($match['percent'][0]) => new Token(TokenKind::Word, $raw, $at),
                default => new Token(TokenKind::Sign, $raw, $at),
            };
        }

        return $tokens;
    }

    /**
     * Numbers of several words: "two hundred", "eighty-five", "one and two thirds", "a quarter".
     *
     * @return array<int, array{float, int}> its value and the byte behind it, by its first
     */
    private function spelled(string $text): array
    {
        $tokens = $this->lexer->tokens($text);
        [$spelled, $i] = [[], 0];
        while (isset($tokens[$i])) {
            $isArticle = isset($tokens[$i]->forms['<article>']);
            // "A cup and a half" adds to what stands before it.
            $isWord = isset($tokens[$i]->forms['<numeral>']) || ($isArticle && ($tokens[$i - 1]->word ?? '') !== 'and');
            $number = $isWord ? $this->numbers->at($tokens, $i) : null;
            if ($number !== null && $number->end > $i + 1
                && $this->isSpelled(array_slice($tokens, $i, $number->end - $i))) {
                $spelled[$tokens[$i]->at] = [$number->value, $tokens[$number->end - 1]->end()];
            }
            $i = $number->end ?? $i + 1;
        }

        return $spelled;
    }

    /** @param  list<WordToken>  $tokens */
    private function isSpelled(array $tokens): bool
    {
        foreach ($tokens as $token) {
            // "A few" and "a dozen" are told by what is counted.
            if ($token->number !== null || isset($token->forms['<some>']) || isset($token->forms['dozen'])) {
                return false;
            }
        }

        return true;
    }

    private function word(string $raw, int $at): Token
    {
        $value = $this->words->word($raw);

        return new Token($value === null ? TokenKind::Word : TokenKind::NumberWord, $raw, $at, $value);
    }
}
