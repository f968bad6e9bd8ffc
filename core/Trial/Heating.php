<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Quantity\Interval;
use Aglyca\Core\Quantity\Point;
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
     * @return ?Interval °C in the middle from which and to which it is done; null where nobody measures it so
     */
    public function doneness(Family $family): ?Interval
    {
        foreach (['family' => $family->key, 'pattern' => $family->pattern] as $column => $value) {
            foreach ($this->rows as $row) {
                if ($row[$column] === $value) {
                    return new Interval((float) $row['low_c'], (float) $row['high_c']);
                }
            }
        }

        return null;
    }

    /**
     * Minutes from the last reading until a heat is reached.
     *
     * @param  list<Point>  $readings  minutes and °C, by time
     * @param  float  $oven  °C
     * @return ?Interval the range of two standard errors; null where the readings do not say yet
     */
    public static function minutesUntil(array $readings, float $oven, float $wanted): ?Interval
    {
        $first = $readings[0]->y ?? 0.0;
        $warmed = array_values(
            array_filter($readings, static fn (Point $r): bool => $r->y >= $first + self::WARMED && $r->y < $oven - 1),
        );
        if (count($warmed) < self::FEWEST || $wanted >= $oven) {
            return null;
        }
        [$x, $y] = [array_column($warmed, 'x'), array_map(static fn (Point $r): float => log($oven - $r->y), $warmed)];
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
        $at = static fn (float $k): float => max(0.0, log(($oven - $last->y) / ($oven - $wanted)) / $k);
        [$slow, $fast] = [max(-$slope - 2 * $error, -$slope / 3), -$slope + 2 * $error];

        return $last->y >= $wanted ? new Interval(0.0, 0.0) : new Interval($at($fast), $at($slow));
    }
}
