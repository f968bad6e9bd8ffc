<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Device\Glucose;
use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;

/**
 * Reads a CSV of a glucose meter or sensor: its columns, its separator, its way of writing dates and its unit are
 * found.
 */
final readonly class MeterFile
{
    private const VALUE = '~gluco|blood sugar|\bbg\b|reading|value|level|wert|zucker|mg\s*/\s*dl|mmol~iu';

    private const TIME = '~time|date|stamp|when|minute|\bmin\b|zeit|datum|hour~iu';

    /** Above it a number can only be mg/dL, and below it only mmol/L. */
    private const PARTING = 34.0;

    /** The highest that a meter shows in mmol/L, and the lowest in mg/dL: between them a value may be either. */
    private const MOST_MMOL = 33.3;

    private const LEAST_MG_DL = 20.0;

    /** Minutes; larger numbers count from 1970. */
    private const COUNTED = 100_000;

    private const HOUR = 75.0;

    private const DATES = [
        'Y-m-d\TH:i:sP',
        'Y-m-d\TH:i:s',
        'Y-m-d\TH:i',
        'Y-m-d H:i:s',
        'Y-m-d H:i',
        'Y/m/d H:i:s',
        'Y/m/d H:i',
        'd.m.Y H:i:s',
        'd.m.Y H:i',
        'd/m/Y H:i:s',
        'd/m/Y H:i',
        'm/d/Y H:i:s',
        'm/d/Y H:i',
        'm/d/Y g:i A',
        'd-m-Y H:i:s',
        'd-m-Y H:i',
        'm-d-Y h:i A',
        'd M Y H:i',
        'Ymd\THis',
    ];

    /** What a meter shows below and above its own range. */
    private const ENDS = ['lo' => 'low', 'low' => 'low', 'hi' => 'high', 'high' => 'high'];

    /**
     * @param  string  $unit  "mmol/L" or "mg/dL", as the file has it
     * @param  list<array{float, float}>  $points  minutes from the first reading (or as the file counts them), and
     *     mmol/L
     * @param  list<array{float, string}>  $ends  minutes, and "low" or "high": below or above what the meter measures
     * @param  ?float  $start  minutes since 1970 of minute 0; null where the file counts minutes itself
     * @param  int  $left  rows with a time whose value is none
     * @param  bool  $isBackward  in the order of the file its clock once goes back
     */
    private function __construct(
        public string $unit,
        public array $points,
        public array $ends,
        public ?float $start,
        public int $left,
        public bool $isBackward,
    ) {}

    /**
     * @param  string  $unit  "mmol/L" or "mg/dL" where the baker says it; "" lets the file say
     *
     * @throws InvalidArgumentException where no readings are found in it, or its unit has to be asked
     */
    public static function read(string $csv, string $unit = ''): self
    {
        $csv = (string) preg_replace('~^\xEF\xBB\xBF~', '', mb_scrub($csv));
        $lines = array_values(
            array_filter(preg_split('~\R~u', $csv) ?: [], static fn (string $l): bool => trim($l) !== ''),
        );
        foreach (array_keys(array_slice($lines, 0, 40)) as $at) {
            foreach ([';', "\t", ','] as $separator) {
                $heading = self::cells($lines[$at], $separator);
                $columns = self::columns($heading, array_slice($lines, $at + 1, 5), $separator);
                if ($columns !== null) {
                    return self::of(
                        array_slice($lines, $at + 1),
                        $separator,
                        $columns,
                        implode(' ', $heading).' '.implode(' ', array_slice($lines, 0, $at)),
                        $unit,
                    );
                }
            }
        }
        throw new InvalidArgumentException(
            'No column of times and no column of glucose were found. A heading such as “time, glucose mmol/L” helps.',
        );
    }

    /** @return list<string> */
    private static function cells(string $line, string $separator): array
    {
        return array_map(static fn (?string $c): string => trim((string) $c), str_getcsv($line, $separator, '"', ''));
    }

    /**
     * @param  list<string>  $heading
     * @param  list<string>  $rows
     * @return ?array{list<int>, int} the columns of the time, one or a date and a clock, and of the value
     */
    private static function columns(array $heading, array $rows, string $separator): ?array
    {
        if (count($heading) < 2) {
            return null;
        }
        $times = array_keys(
            array_filter(
                $heading,
                static fn (string $h): bool => preg_match(self::TIME, $h) === 1 && preg_match('~zone~i', $h) !== 1,
            ),
        );
        $values = array_keys(
            array_filter(
                $heading,
                static fn (string $h): bool => preg_match(self::VALUE, $h) === 1 &&
                    preg_match('~time|date|unit|type~i', $h) !== 1,
            ),
        );
        foreach ($values as $value) {
            foreach (
                [
                    ...array_map(static fn (int $t): array => [$t], $times),
                    ...count($times) > 1 ? [[$times[0], $times[1]], [$times[1], $times[0]]] : [],
                ] as $time
            ) {
                $good = 0;
                foreach ($rows as $row) {
                    $cells = self::cells($row, $separator);
                    $good +=
                        self::isReading($cells[$value] ?? '') &&
                        self::moment(self::joined($cells, $time), $heading[$time[0]]) !== null
                            ? 1
                            : 0;
                }
                if ($good > 0 && $good * 2 >= count($rows)) {
                    return [array_values($time), $value];
                }
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $rows
     * @param  array{list<int>, int}  $columns
     */
    private static function of(array $rows, string $separator, array $columns, string $words, string $unit): self
    {
        [$time, $value] = $columns;
        [$found, $ends, $left, $isBackward, $latest] = [[], [], 0, false, -INF];
        $isDayFirst = self::isDayFirst($rows, $separator, $time);
        foreach ($rows as $row) {
            $cells = self::cells($row, $separator);
            $minute = self::moment(self::joined($cells, $time), $words, $isDayFirst);
            if ($minute === null) {
                $left += trim($row) === '' ? 0 : 1;

                continue;
            }
            $number = self::number($cells[$value] ?? '');
            $end = self::ENDS[mb_strtolower($cells[$value] ?? '')] ?? null;
            if ($number !== null) {
                // Of two readings of one moment the later in the file stands.
                $found[(string) $minute] = [$minute, $number];
                $isBackward = $isBackward || ($minute < $latest && $latest - $minute <= self::HOUR);
                $latest = $minute;
            } elseif ($end !== null) {
                $ends[] = [$minute, $end];
            } else {
                $left++;
            }
        }
        $found = array_values($found);
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $isMgDl = $unit === '' ? self::isMgDl(array_column($found, 1), $words) : $unit === 'mg/dL';
        $first = min([INF, ...array_column($found, 0), ...array_column($ends, 0)]);
        $start = is_finite($first) && $first > self::COUNTED ? $first : null;
        $from = static fn (float $minute): float => round($minute - ($start ?? 0.0), 3);

        return new self(
            $isMgDl ? 'mg/dL' : 'mmol/L',
            array_map(
                static fn (array $p): array => [$from($p[0]), $isMgDl ? $p[1] / Glucose::MG_DL : $p[1]],
                $found,
            ),
            array_map(static fn (array $e): array => [$from($e[0]), $e[1]], $ends),
            $start,
            $left,
            $isBackward,
        );
    }

    /**
     * @param  list<float>  $values
     *
     * @throws InvalidArgumentException where nothing says which it is and the values may be either
     */
    private static function isMgDl(array $values, string $words): bool
    {
        sort($values);
        $middle = $values[intdiv(count($values), 2)] ?? 0.0;
        $saysMgDl = preg_match('~mg\s*/\s*dl~iu', $words) === 1;
        $saysMmol = preg_match('~mmol~iu', $words) === 1;
        if ($saysMgDl !== $saysMmol && ($saysMgDl ? $middle > self::PARTING / 2 : $middle < self::PARTING)) {
            return $saysMgDl;
        }
        // The values decide where the heading says both or nothing, or contradicts them.
        if ($values !== [] && max($values) > self::MOST_MMOL) {
            return true;
        }
        if ($values !== [] && min($values) >= self::LEAST_MG_DL) {
            throw new InvalidArgumentException(
                'The file does not name its unit, and its values could be either: say whether they are mg/dL or mmol/L.',
            );
        }

        return false;
    }

    private static function isReading(string $said): bool
    {
        return self::number($said) !== null || isset(self::ENDS[mb_strtolower($said)]);
    }

    /**
     * @param  list<string>  $cells
     * @param  list<int>  $time
     */
    private static function joined(array $cells, array $time): string
    {
        return trim(implode(' ', array_map(static fn (int $t): string => $cells[$t] ?? '', $time)));
    }

    private static function number(string $said): ?float
    {
        $said = trim(preg_replace('~\s*(?:mg\s*/\s*dl|mmol\s*/\s*l)$~iu', '', $said) ?? $said);
        if (preg_match('~^\d{1,3}(?:[.,]\d{1,3})?$~', $said) !== 1) {
            return null;
        }
        $value = (float) str_replace(',', '.', $said);

        return $value > 0 ? $value : null;
    }

    /** Minutes: since 1970 of a moment, or as they stand where the column counts minutes. */
    private static function moment(string $said, string $heading, bool $isDayFirst = false): ?float
    {
        if (preg_match('~^-?\d{1,4}(?:[.,]\d+)?$~', $said) === 1) {
            return preg_match('~min|time|elapsed|after|stamp~iu', $heading) === 1
                ? (float) str_replace(',', '.', $said)
                : null;
        }
        $said = (string) preg_replace('~\.\d{1,6}(?=Z|[+-]\d{2}:?\d{2}$|$)~', '', str_replace('Z', '+00:00', $said));
        $formats = $isDayFirst
            ? self::DATES
            : [
                ...array_filter(self::DATES, static fn (string $f): bool => ! str_starts_with($f, 'd/')),
                ...array_filter(self::DATES, static fn (string $f): bool => str_starts_with($f, 'd/')),
            ];
        foreach ($formats as $format) {
            $moment = DateTimeImmutable::createFromFormat("!$format", $said, new DateTimeZone('UTC'));
            if (
                $moment !== false &&
                (DateTimeImmutable::getLastErrors() ?: ['warning_count' => 0])['warning_count'] === 0
            ) {
                return $moment->getTimestamp() / 60;
            }
        }

        return null;
    }

    /**
     * Whether "03/12/2026" is a day of December: one of the file says so, or all lie more closely together.
     *
     * @param  list<string>  $rows
     * @param  list<int>  $time
     */
    private static function isDayFirst(array $rows, string $separator, array $time): bool
    {
        $isFirst = false;
        foreach ($rows as $row) {
            if (
                preg_match('~^(\d{1,2})/(\d{1,2})/\d{4}~', self::joined(self::cells($row, $separator), $time), $m) === 1
            ) {
                if ((int) $m[2] > 12) {
                    return false;
                }
                $isFirst = $isFirst || (int) $m[1] > 12;
            }
        }

        return $isFirst;
    }

    /**
     * A minute of the file: said as such, or as a time, of its first day where no day is said.
     *
     * @return ?float null for ""
     *
     * @throws InvalidArgumentException where it is neither
     */
    public function minuteOf(string $said): ?float
    {
        if ($said === '' || is_numeric($said)) {
            return $said === '' ? null : (float) $said;
        }
        $day = gmdate('Y-m-d', (int) (($this->start ?? 0.0) * 60));
        $isClock = preg_match('~^\d{1,2}:\d{2}$~', $said) === 1;
        $moment = date_create_immutable($isClock ? "$day $said" : $said, new DateTimeZone('UTC'));

        return $moment === false || $this->start === null
            ? throw new InvalidArgumentException("The first bite is a time such as 08:05, or a minute of the file, not “{$said}”.")
            : $moment->getTimestamp() / 60 - $this->start;
    }
}
