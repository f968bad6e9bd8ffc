<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Cuts a line into numbers, words and signs, each with its place in the text. */
final readonly class Lexer
{
    private string $pattern;

    public function __construct(private Words $words)
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
        foreach ($found as $match) {
            [$raw, $at] = [(string) $match[0][0], $match[0][1]];
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

    private function word(string $raw, int $at): Token
    {
        $value = $this->words->word($raw);

        return new Token($value === null ? TokenKind::Word : TokenKind::NumberWord, $raw, $at, $value);
    }
}
