<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Format;

use SplFileObject;
use SplTempFileObject;

/**
 * A recipe as a table (CSV by comma, semicolon or tab). Its own form has the columns kind, component and text;
 * a table with an ingredient column and, where there are, amount and unit columns is read too.
 */
final readonly class RecipeTable
{
    private const MOST_ROWS = 1000;

    private const NAMES = ['text', 'ingredient', 'ingredients', 'food', 'item', 'name'];

    private const AMOUNTS = ['amount', 'quantity', 'qty', 'grams', 'g', 'weight'];

    private function __construct() {}

    public static function looksLikeOne(string $text): bool
    {
        $header = self::header($text);

        return count($header) > 1 &&
            array_intersect($header, self::NAMES) !== [] &&
            array_intersect($header, ['kind', 'unit', ...self::AMOUNTS]) !== [];
    }

    public static function text(string $text): string
    {
        $rows = self::rows($text);

        return isset($rows[0]['kind'], $rows[0]['text']) ? self::own($rows) : self::others($rows);
    }

    /** @param  list<array<string, string>>  $rows */
    private static function own(array $rows): string
    {
        $of = static fn (string $kind): array => array_values(
            array_filter($rows, static fn (array $r): bool => ($r['kind'] ?? '') === $kind),
        );
        $out = [
            $of('title')[0]['text'] ?? 'Untitled dessert',
            ...array_column($of('yield'), 'text'),
            '',
            'Ingredients',
        ];
        $component = '';
        foreach ($of('ingredient') as $row) {
            if (($row['component'] ?? '') !== $component) {
                $component = $row['component'];
                array_push($out, '', "For the $component:");
            }
            $out[] = $row['text'];
        }
        $steps = array_column($of('step'), 'text');

        return implode("\n", [...$out, ...($steps === [] ? [] : ['', 'Method', ...$steps])])."\n";
    }

    /** @param  list<array<string, string>>  $rows */
    private static function others(array $rows): string
    {
        $lines = [];
        foreach ($rows as $row) {
            $name = self::first($row, self::NAMES);
            $amount = self::first($row, self::AMOUNTS);
            $unit =
                $row['unit'] ??
                ($amount !== '' &&
                (isset($row['grams']) || isset($row['g']) || isset($row['weight'])) &&
                is_numeric($amount)
                    ? 'g'
                    : '');
            $lines[] = trim(preg_replace('~\s+~', ' ', "$amount $unit $name") ?? '');
        }

        return "Untitled dessert\n\nIngredients\n".implode("\n", array_filter($lines))."\n";
    }

    /**
     * @param  array<string, string>  $row
     * @param  list<string>  $columns
     */
    private static function first(array $row, array $columns): string
    {
        foreach ($columns as $column) {
            if (($row[$column] ?? '') !== '') {
                return $row[$column];
            }
        }

        return '';
    }

    /** @return list<array<string, string>> */
    private static function rows(string $text): array
    {
        $file = new SplTempFileObject;
        $file->fwrite(trim($text));
        $file->rewind();
        $file->setFlags(SplFileObject::READ_CSV | SplFileObject::READ_AHEAD | SplFileObject::SKIP_EMPTY);
        $file->setCsvControl(self::separator($text), '"', '');
        $header = self::header($text);
        $rows = [];
        foreach ($file as $n => $cells) {
            if ($n === 0 || ! is_array($cells) || count($rows) >= self::MOST_ROWS) {
                continue;
            }
            // A cell may hold several lines within its quotes: they are one.
            $plain = array_map(
                static fn (?string $c): string => trim(preg_replace('~\s+~u', ' ', (string) $c) ?? ''),
                $cells,
            );
            $rows[] = array_combine($header, array_slice(array_pad($plain, count($header), ''), 0, count($header)));
        }

        return $rows;
    }

    /** @return list<string> */
    private static function header(string $text): array
    {
        $row = strtok(ltrim($text), "\r\n");

        return $row === false
            ? []
            : array_map(
                static fn (?string $c): string => strtolower(trim((string) $c)),
                str_getcsv($row, self::separator($text), '"', ''),
            );
    }

    private static function separator(string $text): string
    {
        $row = (string) strtok(ltrim($text), "\r\n");
        $counts = ["\t" => substr_count($row, "\t"), ';' => substr_count($row, ';'), ',' => substr_count($row, ',')];
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
