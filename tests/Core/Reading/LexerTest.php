<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Language\Lexer as WordLexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Reading\Lexer;
use Aglyca\Core\Reading\Token;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class LexerTest extends CoreCase
{
    private static function lexer(): Lexer
    {
        $numbers = new Numbers(self::tables(), new Lexicon(self::tables()));

        return new Lexer(self::core()->reading()->words, new WordLexer(self::tables()), $numbers);
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_read_as_it_is_meant(string $text, float $value, int $decimals = 0): void
    {
        $token = self::lexer()->cut($text)[0];
        self::assertTrue($token->isNumber(), $text);
        self::assertEqualsWithDelta($value, $token->value, 1e-12);
        self::assertSame($decimals, $token->decimals);
        self::assertSame(strlen($text), $token->end(), 'all of it is the number');
    }

    /** @return array<string, array{string, float, 2?: int}> */
    public static function numbers(): array
    {
        return [
            'whole' => ['12', 12.0],
            'mixed' => ['1 1/2', 1.5],
            'mixed, hyphened' => ['1-1/2', 1.5],
            'mixed, “and”' => ['1 and 1/2', 1.5],
            'mixed, “&”' => ['2 & 3/4', 2.75],
            'fraction' => ['3/4', 0.75],
            'fraction slash' => ['1⁄3', 1 / 3],
            'vulgar' => ['½', 0.5],
            'whole and vulgar' => ['2½', 2.5],
            'whole, space, vulgar' => ['2 ⅔', 2 + 2 / 3],
            'an eighth' => ['⅛', 0.125],
            'three fifths' => ['⅗', 0.6],
            'decimal point' => ['0.25', 0.25, 2],
            'decimal comma' => ['1,5', 1.5, 1],
            'leading point' => ['.5', 0.5, 1],
            'thousands' => ['1,200', 1200.0],
            'nought and three digits is a decimal' => ['0,125', 0.125, 3],
            'two thousands' => ['1,000,000', 1_000_000.0],
            'a word' => ['twelve', 12.0],
            'half' => ['half', 0.5],
            'over nothing' => ['1/0', 0.0],
        ];
    }

    public function test_tokens_keep_their_place_in_bytes_and_lose_nothing(): void
    {
        $line = '2½ cups (300 g) crème fraîche, 36 % fat – well-chilled';
        $tokens = self::lexer()->cut($line);
        $rebuilt = '';
        foreach ($tokens as $token) {
            self::assertSame(
                0,
                strncmp(
                    substr($line, $token->at),
                    $token->kind->name === 'Word' && $token->text === 'fl oz' ? '' : $token->text,
                    strlen($token->text),
                ),
                $token->text,
            );
            $rebuilt .= str_repeat(' ', $token->at - strlen($rebuilt)).$token->text;
        }
        self::assertSame($line, $rebuilt);
        self::assertSame(
            ['2½', 'cups', '(', '300', 'g', ')', 'crème', 'fraîche', ',', '36 %', 'fat', '–', 'well-chilled'],
            array_map(static fn (Token $t): string => $t->text, $tokens),
        );
    }

    #[DataProvider('fluids')]
    public function test_fluid_ounces_are_one_word(string $text): void
    {
        $tokens = self::lexer()->cut("3 $text cream");
        self::assertSame(['3', 'fl oz', 'cream'], array_map(static fn (Token $t): string => $t->text, $tokens));
        self::assertSame(strlen("3 $text"), $tokens[1]->end());
    }

    /** @return array<string, array{string}> */
    public static function fluids(): array
    {
        return array_combine(
            $all = ['fl oz', 'fl. oz.', 'fl.oz', 'fluid ounces', 'fluid oz', 'FL OZ'],
            array_map(static fn (string $f): array => [$f], $all),
        );
    }

    public function test_anything_is_cut_without_a_fault(): void
    {
        foreach (
            [
                '',
                '   ',
                '🥧🥧',
                "\u{200b}",
                str_repeat('½', 50),
                '////',
                '1/2/3',
                '-5 g',
                '1..2',
                "don't",
                'a&b',
                '٣ cups',
            ] as $odd
        ) {
            foreach (self::lexer()->cut($odd) as $token) {
                self::assertLessThanOrEqual(strlen($odd), $token->end());
            }
        }
        self::assertSame([], self::lexer()->cut('  '));
    }
}
