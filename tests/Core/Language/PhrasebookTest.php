<?php

declare(strict_types=1);

namespace Tests\Core\Language;

use Aglyca\Core\Language\Degrees;
use Aglyca\Core\Language\Durations;
use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Language\Pattern;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Values;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Each row of a table of phrases reads its example and refuses its near miss. */
final class PhrasebookTest extends CoreCase
{
    private const TABLES = [
        'language/en/meanings' => 'topic',
        'language/en/allergen_names' => 'allergen',
        'language/en/page_words' => 'page',
        'language/en/portions' => 'portion',
        'language/en/doing' => 'topic',
        'language/en/amounts_meant' => 'topic',
        'language/en/oven' => 'place',
        'language/en/oven_heats' => 'celsius',
        'hazards' => 'hazard',
        'country_words' => 'system',
        'claims' => 'says',
    ];

    #[DataProvider('rows')]
    public function test_a_row_reads_its_example_and_not_its_near_miss(string $table, int $row, string $example, string $miss): void
    {
        self::assertNotSame(['', ''], [$example, $miss], 'a row without both decides nothing');
        self::assertContains($row, self::rowsIn($table, $example), "“{$example}”");
        self::assertNotContains($row, self::rowsIn($table, $miss), "“{$miss}”");
    }

    /** @return iterable<string, array{string, int, string, string}> */
    public static function rows(): iterable
    {
        foreach (self::TABLES as $table => $column) {
            foreach (self::tables()->rows($table) as $n => $row) {
                yield "$table ".($n + 2)." {$row[$column]}" => [$table, $n, $row['example'], $row['near_miss']];
            }
        }
    }

    /** @return list<int> */
    private static function rowsIn(string $table, string $text): array
    {
        $book = new Phrasebook(self::tables(), $table, self::TABLES[$table]);
        $rows = [];
        $lexicon = new Lexicon(self::tables());
        $numbers = new Numbers(self::tables(), $lexicon);
        $values = new Values(new Durations($numbers, $lexicon), new Degrees($numbers));
        foreach ((new Lexer(self::tables()))->sentences($text) as $sentence) {
            array_push($rows, ...array_column($book->in($values->of($text, $sentence)->sentence), 'row'));
        }

        return $rows;
    }

    /** @return iterable<string, array{string, string, ?array{int, int}}> */
    public static function patterns(): iterable
    {
        yield 'a word and its forms' => ['store', 'stored in a tin', [0, 1]];
        yield 'a letter written twice' => ['chop', 'chopped nuts', [0, 1]];
        yield 'no form of another word' => ['glass', 'the glas', null];
        yield 'one of several' => ['(hypo|low sugar)', 'for low sugar', [1, 3]];
        yield 'what may be missing' => ['treat a? hypo', 'treats hypo', [0, 2]];
        yield 'and is there' => ['treat a? hypo', 'treating a hypo', [0, 3]];
        yield 'words between' => ['keep … tin', 'keep it in a tin', [0, 5]];
        yield 'too many between' => ['keep …2 tin', 'keep it in a tin', null];
        yield 'nothing of that kind behind' => ['no nut !butter', 'no nut butter', null];
        yield 'a number' => ['# month', 'for 6 months', [1, 3]];
        yield 'the beginning' => ['^ contain', 'it contains milk', null];
        yield 'the end' => ['milk $', 'it contains milk', [2, 3]];
        yield 'a hyphen parts words' => ['nut free', 'nut-free cake', [0, 2]];
        yield 'in one form alone' => ['=fill', 'filling', null];
        yield 'and in that' => ['=fill it', 'Fill it', [0, 2]];
        yield 'the longest way' => ['a b?', 'a b', [0, 2]];
    }

    /** @param  ?array{int, int}  $place  the first word, and the one behind the last */
    #[DataProvider('patterns')]
    public function test_a_pattern_stands_where_it_should(string $pattern, string $text, ?array $place): void
    {
        self::assertSame($place, Pattern::of($pattern)->in((new Lexer(self::tables()))->tokens($text)));
    }

    #[DataProvider('broken')]
    public function test_a_pattern_that_means_nothing_is_refused(string $pattern): void
    {
        $this->expectException(InvalidArgumentException::class);
        Pattern::of($pattern);
    }

    /** @return array<string, array{string}> */
    public static function broken(): array
    {
        return ['open' => ['(a|b'], 'a bracket too many' => ['a b)'], 'empty' => ['(a|)'], 'nothing' => [''], 'not' => ['a !']];
    }

    public function test_sentences_end_where_a_reader_stops(): void
    {
        $texts = static fn (string $text): array => array_column((new Lexer(self::tables()))->sentences($text), 'text');
        self::assertSame(
            ['Bake for 20 min. at 180 °C.', 'Cool!', 'Keep 1.5 kg', 'in a tin'],
            $texts("Bake for 20 min. at 180 °C. Cool! Keep 1.5 kg\nin a tin"),
        );
        self::assertSame(
            ['Mix.', 'Chill 20 min.', 'Cool.', 'Rest 20 min. or so.', 'Rest 20 min.', '180 °C.', 'Rest 20 min. 5 eggs'],
            $texts("\n\nMix. Chill 20 min. Cool. Rest 20 min. or so. Rest 20 min. 180 °C. Rest 20 min. 5 eggs"),
        );
        self::assertSame(['Say "Mix.', '" Then stop.'], $texts('Say "Mix." Then stop.'));
        $text = "é 12\u{a0}½ “x”; y\n\nz";
        foreach ((new Lexer(self::tables()))->tokens($text) as $token) {
            self::assertSame($token->raw, substr($text, $token->at, strlen($token->raw)));
        }
    }

    public function test_a_mark_without_its_letter_is_a_sign(): void
    {
        $text = "\u{301} 200 g flour";
        self::assertSame("\u{301}", (new Lexer(self::tables()))->tokens($text)[0]->word);
        self::assertSame([], self::rowsIn('language/en/page_words', $text));
    }

    /** However many words there are, each is the same word at the end as at the beginning. */
    public function test_words_that_are_forgotten_are_learnt_again(): void
    {
        $lexer = new Lexer(self::tables());
        $first = $lexer->tokens('baked loaves');
        foreach (range(1, 9000) as $n) {
            $lexer->tokens('w'.strtr((string) $n, '0123456789', 'abcdefghij'));
        }
        self::assertEquals($first, $lexer->tokens('baked loaves'));
    }
}
