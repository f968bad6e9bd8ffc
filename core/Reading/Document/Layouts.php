<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Reading\Fate;

/** Any text, whatever it is laid out like, in cells: one thing in each. */
final readonly class Layouts
{
    public function __construct(
        private TwoColumns $sides,
        private Columns $columns,
        private Numbered $numbered,
        private InARow $lists,
        private Wrapped $wrapped,
        private Percents $percents,
    ) {}

    /**
     * @param  list<string>  $rows  with the spaces before them
     * @return list<string>
     */
    public function unfolded(array $rows): array
    {
        return $this->sides->rows($rows);
    }

    /**
     * @param  list<string>  $rows
     * @return list<Cell>
     */
    public function cells(array $rows): array
    {
        foreach ([$this->columns, $this->numbered, $this->wrapped, $this->lists] as $layout) {
            $rows = $layout->rows($rows);
        }

        $cells = array_map(fn (string $row): Cell => new Cell(
            $row, $this->columns->isHead($row) ? Fate::Note : null,
        ), $rows);

        return $this->percents->cells($cells);
    }
}
