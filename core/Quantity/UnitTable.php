<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

use Aglyca\Core\Tables;
use OutOfBoundsException;

/** Units by key and by every way in which recipes write them (`data/units.csv`). */
final class UnitTable
{
    /** @var array<string, Unit> */
    private array $units = [];

    /** @var array<string, string> alias in lower case => unit key */
    private array $aliases = [];

    public function __construct(Tables $tables)
    {
        foreach ($tables->rows('units') as $row) {
            $this->units[$row['key']] = new Unit($row['key'], UnitKind::from($row['kind']), (float) $row['size']);
            foreach (explode('|', $row['aliases']) as $alias) {
                $this->aliases[$alias] = $row['key'];
            }
        }
    }

    /** @throws OutOfBoundsException for a key that the table does not hold */
    public function get(string $key): Unit
    {
        return $this->units[$key] ?? throw new OutOfBoundsException("No unit '$key' in data/units.csv.");
    }

    /** "T" is a tablespoon and "t" a teaspoon; nothing else depends on the case. */
    public function named(string $word): ?Unit
    {
        if ($word === 'T' || $word === 'T.') {
            return $this->units['tbsp'];
        }
        if ($word === 't' || $word === 't.') {
            return $this->units['tsp'];
        }
        $word = mb_strtolower($word);
        $key = $this->aliases[$word] ?? $this->aliases[rtrim($word, '.')] ?? null;

        return $key === null ? null : $this->units[$key];
    }

    /** @return array<string, Unit> */
    public function all(): array
    {
        return $this->units;
    }
}
