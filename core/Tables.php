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
            $rows[] = array_combine($header, $cells);
        }
        fclose($file);

        return $rows;
    }
}
