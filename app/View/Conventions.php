<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Tables;

/** The counting conventions by key, with their name and the sentence that says who counts so. */
final readonly class Conventions
{
    public function __construct(private Tables $tables) {}

    /** @return array<string, string> key => the answer to "How do you count carbs?", of those that many give */
    public function asked(): array
    {
        return array_filter($this->tables->pairs('conventions', 'asked', 'key'));
    }

    /** How one counts, in words: "without fibre, sugar alcohols and allulose". */
    public function counted(Convention $convention): string
    {
        return $this->tables->pairs('conventions', 'counted', 'key')[$convention->value];
    }

    /** @return array<string, string> key => name */
    public function names(): array
    {
        return $this->tables->pairs('conventions', 'name', 'key');
    }

    /** @return array<string, array{name: string, counted: string, sentence: string}> */
    public function all(): array
    {
        return array_map(
            static fn (array $row): array => [
                'name' => $row['name'], 'counted' => $row['counted'], 'sentence' => $row['sentence'],
            ],
            array_column($this->tables->rows('conventions'), null, 'key'),
        );
    }
}
