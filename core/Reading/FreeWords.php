<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/** What a title says that a dessert is free of: "Vegan brownies", "Gluten-free lemon bars" (`data/free_words.csv`). */
final readonly class FreeWords
{
    /** @var list<array<string, string>> */
    private array $rows;

    public function __construct(Tables $tables)
    {
        $this->rows = $tables->rows('free_words');
    }

    /** @return array<string, list<string>> what it says => the allergens that this rules out */
    public function in(string $title): array
    {
        $found = [];
        foreach ($this->rows as $row) {
            if (preg_match('~'.$row['pattern'].'~iu', $title) === 1) {
                $found[$row['says']] = explode('|', $row['without']);
            }
        }

        return $found;
    }
}
