<?php

declare(strict_types=1);

namespace Aglyca\Core;

use RuntimeException;

/**
 * The trade's numbers, as they stand in `data/*.csv`: one row a fact, its provenance beside it.
 *
 * Reading takes a few milliseconds, so a host may keep `export()` and hand it back to `restored()`.
 */
final class Tables
{
    /** @var array<string, list<array<string, string>>> */
    private array $read = [];

    private function __construct(private readonly ?string $folder) {}

    public static function in(string $folder): self
    {
        return new self($folder);
    }

    /** @param  array<string, list<array<string, string>>>  $export what `export()` gave */
    public static function restored(array $export): self
    {
        $tables = new self(null);
        $tables->read = $export;

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

    /** @return array<string, array<string, string>> a row by what stands in a column; the last of several */
    public function keyed(string $table, string $column): array
    {
        $rows = [];
        foreach ($this->rows($table) as $row) {
            $rows[$row[$column]] = $row;
        }

        return $rows;
    }

    /** @return array<string, string> one column by another */
    public function pairs(string $table, string $column, string $by): array
    {
        return array_map(static fn (array $row): string => $row[$column], $this->keyed($table, $by));
    }

    /** @return array<string, float> one column, as numbers, by another */
    public function numbers(string $table, string $column, string $by): array
    {
        return array_map(floatval(...), $this->pairs($table, $column, $by));
    }

    /** @return array<string, list<array<string, string>>> every table of the folder */
    public function export(): array
    {
        foreach (glob($this->folder.'/*.csv') ?: [] as $file) {
            $this->rows(basename($file, '.csv'));
        }

        return $this->read;
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
