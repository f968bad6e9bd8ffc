<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/** Steps that are numbered within one row, "1. Mix. 2. Bake.", a row for each. */
final readonly class Numbered implements Layout
{
    private const NUMBER = '~(?:^|(?<=[.!?;:)])\s+)(?<n>\d{1,2})[.)]\s+(?=\p{L})~u';

    public function rows(array $rows): array
    {
        return array_merge([], ...array_map(self::parted(...), $rows));
    }

    /** @return list<string> */
    private static function parted(string $row): array
    {
        $many = preg_match_all(self::NUMBER, $row, $found, PREG_OFFSET_CAPTURE);
        $numbers = array_map(intval(...), array_column($found['n'], 0));
        if ($many < 2 || $numbers !== range(1, $many)) {
            return [$row];
        }
        $starts = array_column($found[0], 1);
        $ends = [...array_slice($starts, 1), strlen($row)];
        $before = trim(substr($row, 0, $starts[0]));
        $steps = array_map(static fn (int $at, int $end): string => trim(substr($row, $at, $end - $at)), $starts,
            $ends);

        return [...$before === '' ? [] : [$before], ...$steps];
    }
}
