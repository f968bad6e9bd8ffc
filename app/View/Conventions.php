<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Tables;

/** The counting conventions by key, with their name and the sentence that says who counts so. */
final readonly class Conventions
{
    public function __construct(private Tables $tables) {}

    /** @return array<string, string> key => name */
    public function names(): array
    {
        return $this->tables->pairs('conventions', 'name', 'key');
    }

    /** @return array<string, array{name: string, sentence: string}> */
    public function all(): array
    {
        return array_map(
            static fn (array $row): array => ['name' => $row['name'], 'sentence' => $row['sentence']],
            array_column($this->tables->rows('conventions'), null, 'key'),
        );
    }
}
