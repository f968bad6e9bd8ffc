<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/**
 * Things in columns: lists beside each other, or the amounts in one column and the foods in another, between strokes,
 * tabs or wide gaps. A column of percents counts only where no weights stand.
 */
final readonly class Columns implements Layout
{
    private const BETWEEN = '~\s*\|\s*|\s*\t\s*|\s{2,}~u';

    private const RULE = '~^[\s|:+=–—-]*$~u';

    private const PERCENT = '~^\d+(?:[.,]\d+)?\s*%$~u';

    private const MOST = 8;

    public function __construct(private Things $things, private ColumnHeads $heads) {}

    public function rows(array $rows): array
    {
        [$all, $units] = [[], []];
        foreach ($rows as $row) {
            $cells = self::cells($row);
            if (count($cells) < 2 || count($cells) > self::MOST) {
                $all[] = $this->part($row, $cells);
                $units = preg_match(self::RULE, $row) === 1 ? $units : [];

                continue;
            }
            $heads = $this->heads->of($cells);
            if ($heads !== []) {
                [$all[], $units] = [$row, $heads];

                continue;
            }
            array_push($all, ...$this->things($row, $cells, $units));
        }

        return $all;
    }

    /** The heads of columns, and what is drawn below them. */
    public function isHead(string $row): bool
    {
        $cells = self::cells($row);

        return count($cells) > 1 && (preg_match(self::RULE, $row) === 1 || $this->heads->of($cells) !== []);
    }

    /** @return list<string> */
    private static function cells(string $row): array
    {
        $cells = preg_split(self::BETWEEN, trim($row, " \t*")) ?: [$row];
        if (str_starts_with(ltrim($row), '|')) {
            $cells = array_slice($cells, 1, str_ends_with(rtrim($row), '|') ? -1 : null);
        }

        return array_map(static fn (string $cell): string => trim($cell, " \t*"), array_values($cells));
    }

    /**
     * A part of the dessert may have a row of its own in the table: "| **Icing** | |"
     *
     * @param  list<string>  $cells
     */
    private function part(string $row, array $cells): string
    {
        return count($cells) === 1 && str_starts_with(ltrim($row), '|') ? rtrim($cells[0], ':').':' : $row;
    }

    /**
     * @param  list<string>  $cells
     * @param  array<int, string>  $units  what the heads of the columns say
     * @return list<string>
     */
    private function things(string $row, array $cells, array $units): array
    {
        if ($cells[0] !== '' && array_filter(array_slice($cells, 1), static fn (string $c): bool => $c !== '') === []) {
            return [rtrim($cells[0], ':').':'];
        }
        if ($this->heads->isTotal($cells[0])) {
            return [$row];
        }
        // The column of the foods may have no head.
        $units = [...array_fill(0, max(0, count($cells) - count($units)), ''), ...$units];
        foreach ($cells as $i => $cell) {
            $unit = $units[$i] ?? '';
            if ($unit === ColumnHeads::PERCENT || preg_match(self::PERCENT, $cell) === 1) {
                unset($cells[$i]);
            } elseif ($unit !== '' && $this->heads->isUnit($unit) && preg_match('~^\d+(?:[.,]\d+)?$~', $cell) === 1) {
                $cells[$i] = "$cell $unit";
            }
        }
        $cells = array_filter($cells, static fn (string $cell): bool => $cell !== '');
        $head = [];
        if ($cells !== [] && preg_match(Things::PART, (string) reset($cells), $m) === 1
            && $this->things->kind($m['rest'])->isThing()
            && ! $this->things->kind((string) reset($cells))->isThing()) {
            [$head, $cells] = [["$m[head]:"], [$m['rest'], ...array_slice($cells, 1)]];
        }
        $kinds = array_map($this->things->kind(...), $cells);
        $things = array_filter($kinds, static fn (CellKind $kind): bool => $kind->isThing());
        if (count($things) > 1 && count($things) === count($kinds) && in_array(CellKind::Thing, $kinds, true)) {
            // Two lists beside each other.
            return [...$head, ...array_values($cells)];
        }
        $amounts = array_filter($kinds, static fn (CellKind $kind): bool => $kind === CellKind::Amount);
        if ($things === [] && $amounts !== [] && count($amounts) < count($kinds)) {
            $words = array_diff_key($cells, $amounts);
            $one = implode(' / ', array_intersect_key($cells, $amounts)).' '.implode(', ', $words);

            return $this->things->kind((string) reset($words)) === CellKind::Name
                || $this->things->kind($one)->isThing()
                ? [$one]
                : [$row];
        }
        if (count($things) === 1 && array_key_first($things) === array_key_first($cells) && str_contains($row, '|')) {
            return [implode(', ', $cells)];
        }

        return [$row];
    }
}
