<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Reading\Counted;
use Aglyca\Core\Reading\PieceWords;
use Aglyca\Core\Reading\SaidYield;
use Aglyca\Core\Reading\YieldPhrases;
use Aglyca\Core\Reading\Yields;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Each row of the yields reads its example and refuses its near miss; a number may be in any form. */
final class YieldPhrasesTest extends CoreCase
{
    private const TABLES = ['yields' => 'place', 'yields_in_steps' => 'gives'];

    private static function counted(): Counted
    {
        $lexicon = new Lexicon(self::tables());

        return new Counted(new Lexer(self::tables()), $lexicon, new Numbers(self::tables(), $lexicon));
    }

    /** @return list<SaidYield> of one row of a table */
    private static function read(string $table, int $row, string $text): array
    {
        $phrases = new YieldPhrases(
            self::tables(), $table, self::TABLES[$table], new PieceWords(self::tables()), new Lexicon(self::tables()),
        );
        $all = [];
        $sentences = $table === 'yields' ? [self::counted()->tokens($text)] : self::counted()->sentences($text);
        foreach (array_filter($sentences) as $tokens) {
            array_push($all, ...array_filter($phrases->in($text, $tokens), static fn (SaidYield $s): bool => $s->row === $row));
        }

        return array_values($all);
    }

    /** @return iterable<string, array{string, int, array<string, string>}> */
    public static function rows(): iterable
    {
        foreach (array_keys(self::TABLES) as $table) {
            foreach (self::tables()->rows("language/en/$table") as $n => $row) {
                yield $table.' '.($n + 2).' '.$row['example'] => [$table, $n, $row];
            }
        }
    }

    /** @param  array<string, string>  $row */
    #[DataProvider('rows')]
    public function test_a_row_reads_its_example_and_refuses_its_near_miss(string $table, int $n, array $row): void
    {
        self::assertNotSame('', $row['near_miss']);
        $said = self::read($table, $n, $row['example']);
        self::assertNotSame([], $said, $row['example']);
        self::assertSame($row['reads'] === '' ? null : (int) $row['reads'], $said[0]->made->pieces);
        self::assertSame([], self::read($table, $n, $row['near_miss']), $row['near_miss']);
    }

    /** @return iterable<string, array{string, int}> */
    public static function numbers(): iterable
    {
        foreach (
            [
                '36' => 36, 'three dozen' => 36, '3 doz' => 36, '2½ dozen' => 30, '2 1/2 dozen' => 30, 'two and a half dozen' => 30,
                'half a dozen' => 6, 'a dozen' => 12, 'a half dozen' => 6, '10-12' => 10, '10 to 12' => 10, 'ten or twelve' => 10,
                '2 to 3 dozen' => 24, '1 dozen to 2 dozen' => 12, '1 score' => 20, 'one hundred and twenty' => 120,
            ] as $said => $count
        ) {
            yield (string) $said => [(string) $said, $count];
        }
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_a_number_in_any_form_of_any_phrase(string $said, int $count): void
    {
        $yields = new Yields(self::tables(), self::counted(), new PieceWords(self::tables()), new Lexicon(self::tables()));

        self::assertSame($count, $yields->read("Makes $said")->pieces);
        self::assertSame($count, $yields->inSteps(["Good for about $said small bars"])->pieces);
    }

    public function test_what_is_a_measure_is_no_count(): void
    {
        foreach (['Good for 14 days', 'Makes 450 g', 'Yields 2 cups of sauce', 'For 10 minutes'] as $row) {
            self::assertNull(
                (new Yields(self::tables(), self::counted(), new PieceWords(self::tables()), new Lexicon(self::tables())))->read($row)->pieces,
                $row,
            );
        }
    }
}
