<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** How far a `SectionReader` has come. */
final class SectionState
{
    /** What the rows around are; null before the first ingredient or step. */
    public ?Fate $mode = null;

    /** A heading says that the ingredients come. */
    public bool $isHeaded = false;

    public bool $isMethodHeaded = false;

    /** The row of the last heading of its kind, -1 where there is none. */
    public int $methodAt = -1;

    public int $ingredientsAt = -1;

    public string $title = '';

    public string $yield = '';

    /** What a heading says in brackets of how many it makes. */
    public string $headedYield = '';

    /** @var array<int, string> */
    public array $components = [''];

    public int $component = 0;

    /** @var list<IngredientRow> */
    public array $ingredients = [];

    /** @var list<string> */
    public array $steps = [];

    /** @var list<TextRow> */
    public array $rows = [];
}
