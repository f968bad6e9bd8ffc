<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Tables;

/**
 * When the middle of a bake will be done, from a probe's readings so far: Newton heating, T = oven − (oven −
 * T₀)·e^(−kt),
 * k fitted by least squares on the logarithm of what is left to the oven's heat.
 */
final readonly class Heating
{
    private const FEWEST = 4;

    /** The middle lags at first: readings count once it has warmed by so many degrees. */
    private const WARMED = 5.0;

    /** @var list<array<string, string>> */
    private array $rows;

    public function __construct(Tables $tables)
    {
        $this->rows = $tables->rows('core_heats');
    }

    /**
     * @return ?array{float, float} °C in the middle from which and to which it is done; null where nobody measures it
     *     so
     */
    public function doneness(Family $family): ?array
    {
        foreach (['family' => $family->key, 'pattern' => $family->pattern] as $column => $value) {
            foreach ($this->rows as $row) {
                if ($row[$column] === $value) {
                    return [(float) $row['low_c'], (float) $row['high_c']];
                }
            }
        }

        return null;
    }

    /**
     * Minutes from the last reading until a heat is reached.
     *
     * @param  list<array{float, float}>  $readings  minutes and °C, by time
     * @param  float  $oven  °C
     * @return ?array{float, float} the range of two standard errors; null where the readings do not say yet
     */
    public static function minutesUntil(array $readings, float $oven, float $wanted): ?array
    {
        $first = $readings[0][1] ?? 0.0;
        $warmed = array_values(
            array_filter($readings, static fn (array $r): bool => $r[1] >= $first + self::WARMED && $r[1] < $oven - 1),
        );
        if (count($warmed) < self::FEWEST || $wanted >= $oven) {
            return null;
        }
        [$x, $y] = [array_column($warmed, 0), array_map(static fn (array $r): float => log($oven - $r[1]), $warmed)];
        $n = count($x);
        [$mx, $my] = [array_sum($x) / $n, array_sum($y) / $n];
        [$sxx, $sxy] = [0.0, 0.0];
        foreach ($x as $i => $xi) {
            $sxx += ($xi - $mx) ** 2;
            $sxy += ($xi - $mx) * ($y[$i] - $my);
        }
        if ($sxx <= 0 || $sxy >= 0) {
            return null;
        }
        $slope = $sxy / $sxx;
        $residual = 0.0;
        foreach ($x as $i => $xi) {
            $residual += ($y[$i] - $my - $slope * ($xi - $mx)) ** 2;
        }
        $error = sqrt($residual / max(1, $n - 2) / $sxx);
        $last = $readings[count($readings) - 1];
        $at = static fn (float $k): float => max(0.0, log(($oven - $last[1]) / ($oven - $wanted)) / $k);
        [$slow, $fast] = [max(-$slope - 2 * $error, -$slope / 3), -$slope + 2 * $error];

        return $last[1] >= $wanted ? [0.0, 0.0] : [$at($fast), $at($slow)];
    }
}
