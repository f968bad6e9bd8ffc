<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Reading\Line;
use Aglyca\Core\Wiring;

/** Invented ingredient lines with readings made by hand, and how the reader does on them. */
final class Corpus
{
    /** @return list<array{text: string, amount: ?float, unit: string, food: ?string, flag: string}> */
    public static function rows(): array
    {
        $rows = [];
        foreach (file(__DIR__.'/corpus.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $n => $row) {
            if ($n === 0) {
                continue;
            }
            // A text may hold a stroke itself: the four readings are the last four cells.
            $cells = explode('|', $row);
            [$amount, $unit, $food, $flag] = array_map(trim(...), array_slice($cells, -4));
            $rows[] = [
                'text' => implode('|', array_slice($cells, 0, -4)),
                'amount' => $amount === '' ? null : (float) $amount,
                'unit' => $unit,
                'food' => $food === '' ? null : $food,
                'flag' => $flag,
            ];
        }

        return $rows;
    }

    /** @return array{lines: int, right: int, wrong: list<string>, unmarked: list<string>} */
    public static function judge(Wiring $core): array
    {
        $wrong = [];
        $unmarked = [];
        foreach (self::rows() as $row) {
            $line = $core->reading()->lines->read($row['text'], 'k')[0];
            $fault = self::fault($row, $line);
            if ($fault !== '') {
                $wrong[] = "{$row['text']}: $fault";
                if (! $line->isDoubtful()) {
                    $unmarked[] = "{$row['text']}: $fault";
                }
            }
        }

        return [
            'lines' => count(self::rows()),
            'right' => count(self::rows()) - count($wrong),
            'wrong' => $wrong,
            'unmarked' => $unmarked,
        ];
    }

    /** @param  array{text: string, amount: ?float, unit: string, food: ?string, flag: string}  $row */
    private static function fault(array $row, Line $line): string
    {
        $amount = $line->measure()?->count->value;
        $unit = $line->measure()?->unit->key ?? '';

        return match (true) {
            ($amount === null) !== ($row['amount'] === null),
            abs(($amount ?? 0.0) - ($row['amount'] ?? 0.0)) > 0.001 => 'amount '.json_encode($amount).', not '.json_encode($row['amount']),
            $unit !== $row['unit'] => "unit '$unit', not '{$row['unit']}'",
            $line->food?->key !== $row['food'] => 'food '.
                ($line->food->key ?? 'none').
                ', not '.
                ($row['food'] ?? 'none'),
            $row['flag'] !== '' &&
                ! in_array($row['flag'], array_map(static fn ($f): string => $f->value, $line->flags), true) => "no mark {$row['flag']}",
            $row['flag'] === '' && $line->isDoubtful() => 'marked '.
                implode(', ', array_map(static fn ($f): string => $f->value, $line->flags)),
            default => '',
        };
    }
}
