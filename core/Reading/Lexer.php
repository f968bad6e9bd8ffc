<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** Cuts a line into numbers, words and signs, each with its place in the text. */
final class Lexer
{
    public const VULGAR = ['½' => 1 / 2, '⅓' => 1 / 3, '⅔' => 2 / 3, '¼' => 1 / 4, '¾' => 3 / 4, '⅛' => 1 / 8, '⅜' => 3 / 8, '⅝' => 5 / 8, '⅞' => 7 / 8, '⅕' => 1 / 5, '⅖' => 2 / 5, '⅗' => 3 / 5, '⅘' => 4 / 5, '⅙' => 1 / 6, '⅚' => 5 / 6];

    private const WORDS = [
        'one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'seven' => 7.0, 'eight' => 8.0,
        'nine' => 9.0, 'ten' => 10.0, 'eleven' => 11.0, 'twelve' => 12.0, 'half' => 0.5, 'quarter' => 0.25, 'third' => 1 / 3,
        'fifteen' => 15.0, 'twenty' => 20.0, 'couple' => 2.0, 'few' => 3.0, 'quarters' => 0.25, 'thirds' => 1 / 3,
    ];

    private const PATTERN = '~
        (?<percent>\d+(?:[.,]\d+)?\s?%)
        |(?<number>
            \d+(?:\s+|\s?-\s?|\s+and\s+|\s*&\s*)\d+\s?[/⁄]\s?\d+
            |\d+\s?[/⁄]\s?\d+
            |\d+\s?-?(?:and\s)?\s?[½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚]
            |[½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚]
            |\d{1,3}(?:,\d{3})+(?!\d)
            |\d+[.,]\d+
            |[.,]\d+
            |\d+
        )
        |(?<fluid>fl(?:uid)?\.?\s*(?:oz\b\.?|ounces?))
        |(?<word>\p{L}(?:[\p{L}’\'&]|-(?=\p{L}))*)
        |(?<sign>\S)
    ~xiu';

    /** @return list<Token> */
    public static function cut(string $text): array
    {
        preg_match_all(self::PATTERN, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $tokens = [];
        foreach ($found as $match) {
            [$raw, $at] = $match[0];
            $tokens[] = match (true) {
                isset($match['number'][0]) => new Token(TokenKind::Number, $raw, $at, self::number($raw), self::decimals($raw)),
                isset($match['word'][0]) => self::word($raw, $at),
                isset($match['fluid'][0]) => new Token(TokenKind::Word, 'fl oz', $at, null, 0, strlen($raw)),
                isset($match['percent'][0]) => new Token(TokenKind::Word, $raw, $at),
                default => new Token(TokenKind::Sign, $raw, $at),
            };
        }

        return $tokens;
    }

    private static function word(string $raw, int $at): Token
    {
        $value = self::WORDS[strtolower($raw)] ?? null;

        return new Token($value === null ? TokenKind::Word : TokenKind::NumberWord, $raw, $at, $value);
    }

    /** A comma before exactly three digits parts thousands, except after a leading zero; any other is a decimal comma. */
    public static function number(string $raw): float
    {
        if (preg_match('~^(\d+)?\D*?(\d+)\s?[/⁄]\s?(\d+)$~u', $raw, $m) === 1) {
            $whole = $m[1] === '' ? 0.0 : (float) $m[1];

            return (int) $m[3] === 0 ? $whole : $whole + (int) $m[2] / (int) $m[3];
        }
        if (preg_match('~^(\d*)\D*?([½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚])$~u', $raw, $m) === 1) {
            return (float) $m[1] + self::VULGAR[$m[2]];
        }
        if (self::hasThousands($raw)) {
            return (float) str_replace(',', '', $raw);
        }

        return (float) str_replace(',', '.', $raw);
    }

    private static function hasThousands(string $raw): bool
    {
        return preg_match('/^[1-9]\d{0,2}(?:,\d{3})+$/', $raw) === 1;
    }

    private static function decimals(string $raw): int
    {
        return ! self::hasThousands($raw) && preg_match('/^\d*[.,](\d+)$/', $raw, $m) === 1 ? strlen($m[1]) : 0;
    }
}
