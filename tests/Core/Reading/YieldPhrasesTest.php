<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Reading\Counted;
use Aglyca\Core\Reading\PieceWords;
use Aglyca\Core\Reading\YieldPhrases;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Each row of the yields reads its example and refuses its near miss; a number may be in any form. */
final class YieldPhrasesTest extends CoreCase
{
    private static function counted(): Counted
    {
        $tables = self::tables();
        $lexicon = new Lexicon($tables);

        return new Counted(new Lexer($tables), $lexicon, new Numbers($tables, $lexicon), new PieceWords($tables));
    }

    private static function read(string $text, string $place): ?int
    {
        return (new YieldPhrases(self::tables(), self::counted(), new PieceWords(self::tables())))->in($text, $place)->pieces;
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function rows(): iterable
    {
        foreach (self::tables()->rows('language/en/yields') as $n => $row) {
            yield ($n + 2).' '.$row['example'] => [$row];
        }
    }

    /** @param  array<string, string>  $row */
    #[DataProvider('rows')]
    public function test_a_row_reads_its_example_and_refuses_its_near_miss(array $row): void
    {
        self::assertNotSame('', $row['near_miss']);
        self::assertSame((int) $row['reads'], self::read($row['example'], $row['place']));
        self::assertNull(self::read($row['near_miss'], $row['place']), $row['near_miss']);
    }

    /** @return iterable<string, array{string, int}> */
    public static function numbers(): iterable
    {
        foreach (
            [
                '36' => 36, 'three dozen' => 36, '3 doz' => 36, '2½ dozen' => 30, '2 1/2 dozen' => 30, 'two and a half dozen' => 30,
                'half a dozen' => 6, 'a dozen' => 12, 'a half dozen' => 6, '10-12' => 10, '10 to 12' => 10, 'ten or twelve' => 10,
                '2 to 3 dozen' => 24, '1 dozen to 2 dozen' => 12, '1 score' => 20,
            ] as $said => $count
        ) {
            yield (string) $said => [(string) $said, $count];
        }
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_a_number_in_any_form_of_any_phrase(string $said, int $count): void
    {
        self::assertSame($count, self::read("Makes $said", 'row'));
        self::assertSame($count, self::read("Good for about $said small bars", 'step'));
    }

    public function test_what_is_a_measure_is_no_count(): void
    {
        $is = static function (string $text, string ...$kinds): void {
            $tokens = self::counted()->tokens($text);
            self::assertCount(count($kinds), $tokens, $text);
            foreach ($kinds as $n => $kind) {
                self::assertArrayHasKey($kind, $tokens[$n]->forms, $text);
            }
        };
        $is('20 x 30 cm tin', '<dimension>', '<vessel>');
        $is('9x13 pan', '<dimension>', '<vessel>');
        $is('20 x 50g bars', '<count>', '<times>', '<measure>', '<piece>');
        $is('350 kcal 2 1/2 hours 7.5', '<measure>', '<measure>', '<number>');
    }
}
