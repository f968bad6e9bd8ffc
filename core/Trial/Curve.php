<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Device\Glucose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Decimal;
use InvalidArgumentException;

/**
 * Glucose before and after a portion. The incremental area is that above the fasting value, by trapezoids, areas below
 * left out (FAO/WHO 1998; ISO 26642:2010).
 */
final readonly class Curve
{
    public float $baseline;

    public float $area;

    public float $peak;

    public float $peakMinute;

    /**
     * @param  list<array{float, float}>  $points  minutes and mmol/L, by time; the mean of the last two at or before 0
     *     is the fasting value
     *
     * @throws InvalidArgumentException for fewer than two points, or values that cannot be glucose
     */
    public function __construct(public array $points)
    {
        if (count($points) < 2) {
            throw new InvalidArgumentException('A curve needs at least two readings.');
        }
        foreach ($points as $i => [$minute, $value]) {
            if ($value < 0.5 || $value > 60 || ($i > 0 && $minute < $points[$i - 1][0])) {
                throw new InvalidArgumentException(
                    sprintf('%s mmol/L cannot be a reading of glucose, or its time is out of order.', round($value, 2)),
                );
            }
        }
        $before = array_values(array_filter($points, static fn (array $p): bool => $p[0] <= 0));
        $first = $before === [] ? $points[0] : $before[count($before) - 1];
        // One reading is a reading; of several the last two are taken together.
        $fasting = $before === [] ? [$first] : array_slice($before, -2);
        $this->baseline = array_sum(array_column($fasting, 1)) / count($fasting);
        $after = array_values(array_filter($points, static fn (array $p): bool => $p[0] >= $first[0]));
        $peak = $after[0];
        foreach ($after as $point) {
            $peak = $point[1] > $peak[1] ? $point : $peak;
        }
        [$this->peakMinute, $this->peak] = $peak;
        $this->area = self::above($after, $this->baseline);
    }

    /** A value at which it is usual to act, a low before a high; the sentence leaves it to one's own plan. */
    public function caution(Constants $constants): string
    {
        $values = array_column($this->points, 1);

        return self::lowOf($values, $constants) ?: self::highOf($values, $constants);
    }

    /** @param  list<float>  $values  mmol/L */
    public static function lowOf(array $values, Constants $constants): string
    {
        $low = $constants->get('glucose-low');

        return min([INF, ...$values]) < $low
            ? 'One reading is under '.self::both($low).
                ': that is usually treated at once with quick sugar. Follow your own plan.'
            : '';
    }

    /** @param  list<float>  $values  mmol/L */
    public static function highOf(array $values, Constants $constants): string
    {
        $high = $constants->get('glucose-high');

        return max([0.0, ...$values]) > $high
            ? 'One reading is over '.self::both($high).
                ': many are advised to check for ketones then. Follow your own plan.'
            : '';
    }

    private static function both(float $mmol): string
    {
        return sprintf('%s mmol/L (%.0f mg/dL)', Decimal::plain($mmol, 1), $mmol * Glucose::MG_DL);
    }

    /** @param  list<array{float, float}>  $points */
    private static function above(array $points, float $base): float
    {
        $area = 0.0;
        for ($i = 1; $i < count($points); $i++) {
            [$from, $to] = [$points[$i - 1][1] - $base, $points[$i][1] - $base];
            $minutes = $points[$i][0] - $points[$i - 1][0];
            $area += match (true) {
                $from >= 0 && $to >= 0 => ($from + $to) / 2 * $minutes,
                // Only the triangle above the line counts.
                $from > 0 => $from / 2 * $minutes * $from / ($from - $to),
                $to > 0 => $to / 2 * $minutes * $to / ($to - $from),
                default => 0.0,
            };
        }

        return $area;
    }
}
