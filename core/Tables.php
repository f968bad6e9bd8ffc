<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Closure;
use RuntimeException;

/**
 * The trade's numbers, as they stand in `data/*.csv`: one row a fact, its provenance beside it.
 *
 * Reading them, and working out what follows from them, takes a few milliseconds, so a host may keep `export()` and
 * hand it back to `restored()`.
 */
final class Tables
{
    /** @var array<string, list<array<string, string>>> */
    private array $read = [];

    /** @var array<string, mixed> what was worked out from them, by name */
    private array $worked = [];

    private function __construct(private readonly ?string $folder) {}

    public static function in(string $folder): self
    {
        return new self($folder);
    }

    /** @param  array<string, array<string, mixed>>  $export what `export()` gave */
    public static function restored(array $export): self
    {
        $tables = new self(null);
        [$tables->read, $tables->worked] = [$export['read'], $export['worked']];

        return $tables;
    }

    /**
     * @return list<array<string, string>> column => cell, a row each
     *
     * @throws RuntimeException where the file is missing or a row has another number of cells than its header
     */
    public function rows(string $table): array
    {
        return $this->read[$table] ??= $this->load($table);
    }

    /** @return list<array<string, string>> of a table of words, in each language that has it */
    public function spoken(string $table): array
    {
        $rows = [];
        foreach (array_column($this->rows('language/languages'), 'language') as $language) {
            $one = "language/$language/$table";
            $isThere = isset($this->read[$one]) || ($this->folder !== null && is_file("$this->folder/$one.csv"));
            array_push($rows, ...($isThere ? $this->rows($one) : []));
        }

        return $rows;
    }

    /** @return array<string, array<string, string>> a row by what stands in a column; the last of several */
    public function keyed(string $table, string $column): array
    {
        return $this->worked(
            "$table by $column",
            fn (): array => self::by($this->rows($table), $column),
        );
    }

    /** @return array<string, array<string, array<string, string>>> a row by what stands in one column and in another */
    public function keyedTwice(string $table, string $column, string $inner): array
    {
        return $this->worked(
            "$table by $column and $inner",
            fn (): array => array_map(
                static fn (array $rows): array => self::by($rows, $inner),
                $this->grouped($table, $column),
            ),
        );
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return array<string, array<string, string>>
     */
    private static function by(array $rows, string $column): array
    {
        $keyed = [];
        foreach ($rows as $row) {
            $keyed[$row[$column]] = $row;
        }

        return $keyed;
    }

    /** @return array<string, list<array<string, string>>> the rows by what stands in a column */
    public function grouped(string $table, string $column): array
    {
        return $this->worked("$table grouped by $column", function () use ($table, $column): array {
            $rows = [];
            foreach ($this->rows($table) as $row) {
                $rows[$row[$column]][] = $row;
            }

            return $rows;
        });
    }

    /**
     * What follows from the tables and nothing else, worked out once and kept with them.
     *
     * @template T
     *
     * @param  string  $name  nobody else's
     * @param  Closure(): T  $work
     * @return T numbers, strings, and arrays of them
     */
    public function worked(string $name, Closure $work): mixed
    {
        /** @var T */
        return $this->worked[$name] ??= $work();
    }

    /** @return array<string, string> one column by another */
    public function pairs(string $table, string $column, string $by): array
    {
        return $this->worked(
            "$column of $table by $by",
            fn (): array => array_map(static fn (array $row): string => $row[$column], $this->keyed($table, $by)),
        );
    }

    /** @return array<string, float> one column, as numbers, by another */
    public function numbers(string $table, string $column, string $by): array
    {
        return $this->worked(
            "numbers of $column of $table by $by",
            fn (): array => array_map(floatval(...), $this->pairs($table, $column, $by)),
        );
    }

    /** @return array<string, array<string, mixed>> every table of the folder, and what was worked out so far */
    public function export(): array
    {
        foreach ([...glob("$this->folder/*.csv") ?: [], ...glob("$this->folder/language{,/*}/*.csv", GLOB_BRACE) ?: []] as $file) {
            $this->rows(substr($file, strlen((string) $this->folder) + 1, -strlen('.csv')));
        }

        return ['read' => $this->read, 'worked' => $this->worked];
    }

    /** @return list<array<string, string>> */
    private function load(string $table): array
    {
        $file = $this->folder === null ? false : @fopen("$this->folder/$table.csv", 'r');
        if ($file === false) {
            throw new RuntimeException("The table data/$table.csv is missing.");
        }
        $header = fgetcsv($file, null, ',', '"', '') ?: [];
        $rows = [];
        for ($line = 2; ($cells = fgetcsv($file, null, ',', '"', '')) !== false; $line++) {
            if (count($cells) !== count($header)) {
                throw new RuntimeException(
                    "data/$table.csv line $line has ".count($cells).' cells, its header '.count($header).'.',
                );
            }
            $rows[] = array_combine(array_map(strval(...), $header), array_map(strval(...), $cells));
        }
        fclose($file);

        return $rows;
    }
}
