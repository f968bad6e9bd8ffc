<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

use Aglyca\Core\Tables;
use OutOfBoundsException;

/** Units by key and by every way in which recipes write them (`data/units.csv`). */
final class UnitTable
{
    /** @var array<string, array<string, string>> rows of `data/units.csv` by key */
    private array $rows;

    /** @var array<string, Unit> */
    private array $units = [];

    /** @var array<string, string> alias in lower case => unit key */
    private array $aliases;

    public function __construct(Tables $tables)
    {
        $this->rows = $tables->keyed('units', 'key');
        $this->aliases = $tables->worked('names of units', static function () use ($tables): array {
            $aliases = [];
            foreach ($tables->pairs('units', 'aliases', 'key') as $key => $all) {
                $aliases = [...$aliases, ...array_fill_keys(explode('|', $all), $key)];
            }

            return $aliases;
        });
    }

    /** @throws OutOfBoundsException for a key that the table does not hold */
    public function get(string $key): Unit
    {
        $row = $this->rows[$key] ?? throw new OutOfBoundsException("No unit '$key' in data/units.csv.");

        return $this->units[$key] ??= new Unit($key, UnitKind::from($row['kind']), (float) $row['size']);
    }

    /** "T" is a tablespoon and "t" a teaspoon; nothing else depends on the case. */
    public function named(string $word): ?Unit
    {
        if ($word === 'T' || $word === 'T.') {
            return $this->get('tbsp');
        }
        if ($word === 't' || $word === 't.') {
            return $this->get('tsp');
        }
        $word = mb_strtolower($word);
        $key = $this->aliases[$word] ?? $this->aliases[rtrim($word, '.')] ?? null;

        return $key === null ? null : $this->get($key);
    }

    /** @return array<string, Unit> */
    public function all(): array
    {
        return array_map(fn (array $row): Unit => $this->get($row['key']), $this->rows);
    }
}
