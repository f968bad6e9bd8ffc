<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/** A text in two columns side by side, as a page prints it: first the one that stands left, then the other. */
final readonly class TwoColumns implements Layout
{
    /** Rows that have both, at least. */
    private const FEWEST = 4;

    private const GAP = '~^(?<left>.*\S|)(?<gap>\s{3,})(?<right>\S.*)$~Uu';

    public function __construct(private Things $things) {}

    /** @param  list<string>  $rows  with the spaces before them */
    public function rows(array $rows): array
    {
        $starts = array_map(self::start(...), $rows);
        $counts = array_count_values(array_filter($starts));
        arsort($counts);
        $column = array_key_first($counts);
        if ($column === null || $counts[$column] < self::FEWEST) {
            return $rows;
        }
        $in = array_keys($starts, $column, true);
        [$from, $to] = [$in[0], $in[count($in) - 1]];
        [$left, $right] = [[], []];
        for ($i = $from; $i <= $to; $i++) {
            $left[] = trim(mb_substr($rows[$i], 0, $column));
            $right[] = trim(mb_substr($rows[$i], $column));
            if ($starts[$i] !== $column && mb_strlen($rows[$i]) > $column) {
                // A row that goes through from the one to the other.
                return $rows;
            }
        }
        [$left, $right] = [self::said($left), self::said($right)];
        [$leftThings, $rightThings] = [$this->share($left), $this->share($right)];
        if ($leftThings > 0.5 === $rightThings > 0.5) {
            return $rows;
        }

        return [
            ...array_slice($rows, 0, $from),
            ...$leftThings > $rightThings ? $left : self::flowing($left),
            ...$leftThings > $rightThings ? self::flowing($right) : $right,
            ...array_slice($rows, $to + 1),
        ];
    }

    /** The character at which the right one begins, 0 where there is none. */
    private static function start(string $row): int
    {
        return preg_match(self::GAP, rtrim($row), $m) === 1 ? mb_strlen($m['left'].$m['gap']) : 0;
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     */
    private static function said(array $cells): array
    {
        return array_values(array_filter($cells, static fn (string $cell): bool => $cell !== ''));
    }

    /** @param  list<string>  $cells */
    private function share(array $cells): float
    {
        $things = array_filter($cells, fn (string $cell): bool => $this->things->kind($cell)->isThing());

        return count($things) / max(1, count($cells));
    }

    /**
     * What was broken to the width of a column, whole again, below its heading.
     *
     * @param  list<string>  $cells
     * @return list<string>
     */
    private static function flowing(array $cells): array
    {
        $isHeaded = count($cells) > 1 && preg_match('~^\W*\pL+(?:\s\pL+)?\s*:?$~u', $cells[0]) === 1 &&
            preg_match('~^\p{Lu}~u', $cells[1]) === 1;

        return $isHeaded ? [$cells[0], implode(' ', array_slice($cells, 1))] : [implode(' ', $cells)];
    }
}
