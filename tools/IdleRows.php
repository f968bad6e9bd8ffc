<?php

declare(strict_types=1);

namespace Tools;

use Aglyca\Core\Language\Degrees;
use Aglyca\Core\Language\Durations;
use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Language\Pattern;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Language\Values;
use Aglyca\Core\Reading\Counted;
use Aglyca\Core\Tables;

/** Rows of the tables of phrases that their own example does not need: it is read as well with the row switched off. */
final class IdleRows
{
    /** Each table with the columns that say what its rows make of a text; of the others the place is enough. */
    private const TABLES = [
        'language/en/meanings' => ['topic'], 'language/en/allergen_names' => ['allergen', 'gives'],
        'language/en/page_words' => [], 'language/en/portions' => ['portion'], 'language/en/doing' => [], 'language/en/amounts_meant' => ['topic'], 'language/en/oven' => ['place', 'of'], 'language/en/oven_heats' => ['celsius'],
        'language/en/yields' => ['place', 'reads'], 'language/en/yields_in_steps' => ['reads'], 'hazards' => ['hazard'],
    ];

    private function __construct() {}

    /** @return list<string> */
    public static function of(Tables $tables): array
    {
        $lexicon = new Lexicon($tables);
        $lexer = new Lexer($tables);
        $numbers = new Numbers($tables, $lexicon);
        $values = new Values(new Durations($numbers, $lexicon), new Degrees($numbers));
        $counted = new Counted($lexer, $lexicon, $numbers);
        $idle = [];
        foreach (self::TABLES as $table => $columns) {
            $rows = $tables->rows($table);
            $patterns = array_map(static fn (array $row): ?Pattern => self::pattern($tables, $row['pattern']), $rows);
            foreach ($rows as $n => $row) {
                $sentences = str_contains($table, 'yields')
                    ? [$counted->tokens($row['example'])]
                    : array_map(
                        static fn ($s): array => $values->of($row['example'], $s)->sentence->tokens,
                        $lexer->sentences($row['example']),
                    );
                $says = static fn (int $m): array => array_map(static fn (string $c): string => $rows[$m][$c] ?? '', $columns);
                $own = self::longest($patterns[$n], $sentences);
                foreach ($patterns as $m => $pattern) {
                    // A row that finds more of the words decides, whatever else speaks of the same.
                    if ($m !== $n && $says($m) === $says($n) && self::longest($pattern, $sentences) >= $own) {
                        $idle[] = "$table row ".($n + 2).": “{$row['example']}” is read by row ".($m + 2).' as well';
                        break;
                    }
                }
            }
        }

        return $idle;
    }

    /**
     * @param  list<list<Token>>  $sentences
     * @return int how many words of one of them it finds
     */
    private static function longest(?Pattern $pattern, array $sentences): int
    {
        $longest = 0;
        foreach ($sentences as $tokens) {
            $found = $pattern?->in($tokens);
            $longest = max($longest, $found === null ? 0 : $found[1] - $found[0]);
        }

        return $longest;
    }

    private static function pattern(Tables $tables, string $pattern): ?Pattern
    {
        if (! str_contains($pattern, '{*}')) {
            return Pattern::of($pattern);
        }
        $all = implode('|', $tables->pairs('language/en/groups', 'pattern', 'group'));

        return Pattern::of(str_replace('{*}', "($all)", $pattern));
    }
}
