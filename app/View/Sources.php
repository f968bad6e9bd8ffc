<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Tables;

/** Where the numbers come from. */
final readonly class Sources
{
    public function __construct(private Tables $tables) {}

    /** @return array<string, array<string, string>> rows of `data/sources.csv` by key */
    public function all(): array
    {
        return array_column($this->rows('sources'), null, 'key');
    }

    /** @return array<string, string> */
    public function get(string $key): array
    {
        return $this->all()[$key] ?? ['key' => $key, 'kind' => '', 'source' => $key, 'note' => ''];
    }

    /** @return array<string, list<array<string, string>>> densities, portions and properties of a food */
    public function factsOf(string $food): array
    {
        $facts = [];
        foreach (['densities', 'portions', 'properties'] as $table) {
            $facts[$table] = array_values(array_filter($this->rows($table), static fn (array $row): bool => $row['food'] === $food));
        }

        return $facts;
    }

    /** @return list<array<string, string>> */
    private function rows(string $table): array
    {
        return $this->tables->rows($table);
    }
}
