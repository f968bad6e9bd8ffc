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

    /**
     * @param  list<array{float, float}>  $points  minutes from the first reading (or as the file counts them), and
     *     mmol/L
     */
    private function __construct(public string $unit, public array $points) {}

    /** @throws InvalidArgumentException where no readings are found in it */
    public static function read(string $csv): self
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
                        self::number($cells[$value] ?? '') !== null &&
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
    private static function of(array $rows, string $separator, array $columns, string $words): self
    {
        [$time, $value] = $columns;
        $found = [];
        $isDayFirst = self::isDayFirst($rows, $separator, $time);
        foreach ($rows as $row) {
            $cells = self::cells($row, $separator);
            $minute = self::moment(self::joined($cells, $time), $words, $isDayFirst);
            $number = self::number($cells[$value] ?? '');
            if ($minute !== null && $number !== null) {
                // Of two readings of one moment the later in the file stands.
                $found[(string) $minute] = [$minute, $number];
            }
        }
        $found = array_values($found);
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $isMgDl = self::isMgDl(array_column($found, 1), $words);
        $start = ($found[0][0] ?? 0.0) > 100_000 ? $found[0][0] : 0.0;

        return new self(
            $isMgDl ? 'mg/dL' : 'mmol/L',
            array_map(
                static fn (array $p): array => [round($p[0] - $start, 3), $isMgDl ? $p[1] / Glucose::MG_DL : $p[1]],
                $found,
            ),
        );
    }

    /** @param  list<float>  $values */
    private static function isMgDl(array $values, string $words): bool
    {
        sort($values);
        $middle = $values[intdiv(count($values), 2)] ?? 0.0;
        $saysMgDl = preg_match('~mg\s*/\s*dl~iu', $words) === 1;
        $saysMmol = preg_match('~mmol~iu', $words) === 1;

        // The values decide where the heading says both or nothing, or contradicts them.
        return $saysMgDl !== $saysMmol && ($saysMgDl ? $middle > self::PARTING / 2 : $middle < self::PARTING)
            ? $saysMgDl
            : $middle > self::PARTING;
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
}
