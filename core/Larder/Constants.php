<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Tables;
use OutOfBoundsException;

/** Single figures of the trade by key, each in the unit of its row in `data/`. */
final readonly class Constants
{
    /** @param  array<string, float>  $values */
    private function __construct(private array $values) {}

    public static function from(Tables $tables): self
    {
        return new self(
            array_merge(
                ...array_map(
                    static fn (string $table): array => $tables->numbers($table, 'value', 'key'),
                    ['constants', 'uncertainties', 'bake_rules'],
                ),
            ),
        );
    }

    /** @throws OutOfBoundsException for a key that no table holds */
    public function get(string $key): float
    {
        return $this->values[$key] ?? throw new OutOfBoundsException("No figure '$key' in data/.");
    }
}
