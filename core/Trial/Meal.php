<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Larder\Constants;
use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;

/**
 * What of a meter's file belongs to one meal: from its first bite for two hours, without gaps; with what has to be told
 * of the rest.
 */
final readonly class Meal
{
    /** Zones whose clocks change on nights that differ. */
    private const ZONES = ['Europe/Berlin', 'America/New_York', 'Australia/Sydney'];

    /**
     * @param  list<string>  $told  what must be known of it, a low first
     * @param  list<array{float, float}>  $gaps  minutes: from, to
     */
    private function __construct(
        public Curve $curve,
        public array $told,
        public array $gaps,
        public bool $isBiteAsked,
    ) {}

    /**
     * @param  ?float  $bite  minute of the file at which eating began; null where nobody says
     *
     * @throws InvalidArgumentException where too little is left of it
     */
    public static function of(MeterFile $file, Constants $constants, ?float $bite = null): self
    {
        $isAsked = $bite === null && $file->start !== null;
        $from = $bite ?? ($file->start === null ? 0.0 : $file->points[0][0] ?? 0.0);
        $gaps = self::gaps($file->points, $constants->get('meter-gap'));
        $points = self::around($file->points, $from, $gaps, $constants);
        $span = count($file->points) < 2 ? 0.0 : $file->points[count($file->points) - 1][0] - $file->points[0][0];
        $told = [
            ...self::ends($file, $constants),
            ...$isAsked ? ['When was the first bite? Nobody says, so the first reading is taken as the start.'] : [],
            ...$span > 3 * $constants->get('meal-shown') ? [sprintf(
                'The file holds more than one meal (%s): the two hours from the start are shown.',
                $span >= 1440 ? sprintf('%d days', ceil($span / 1440)) : sprintf('%.0f hours', $span / 60),
            )] : [],
            ...self::ofGaps($gaps, $file, $constants->get('meter-gap')),
            ...$file->isBackward ? ['Its clock goes back once: an hour may stand twice in it.'] : [],
            ...$file->left > 0 ? [sprintf('%d rows hold no reading and are left out.', $file->left)] : [],
        ];

        return new self(
            new Curve(array_map(static fn (array $p): array => [round($p[0] - $from, 3), $p[1]], $points)),
            $told,
            $gaps,
            $isAsked,
        );
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function gaps(array $points, float $least): array
    {
        $steps = [];
        for ($i = 1; $i < count($points); $i++) {
            $steps[] = $points[$i][0] - $points[$i - 1][0];
        }
        $sorted = $steps;
        sort($sorted);
        $usual = $sorted[intdiv(max(0, count($sorted) - 1), 2)] ?? 0.0;
        $gaps = [];
        foreach ($steps as $i => $step) {
            if ($step > $least && $step > 2 * $usual) {
                $gaps[] = [$points[$i][0], $points[$i + 1][0]];
            }
        }

        return $gaps;
    }

    /**
     * The readings about the first bite, up to the nearest gap on each side.
     *
     * @param  list<array{float, float}>  $points
     * @param  list<array{float, float}>  $gaps
     * @return list<array{float, float}>
     */
    private static function around(array $points, float $bite, array $gaps, Constants $constants): array
    {
        [$low, $high] = [
            $bite - $constants->get('meal-before'), $bite + $constants->get('meal-shown'),
        ];
        foreach ($gaps as [$from, $to]) {
            if ($to <= $bite) {
                $low = max($low, $to);
            } else {
                $high = min($high, $from);
            }
        }

        return array_values(array_filter($points, static fn (array $p): bool => $p[0] >= $low && $p[0] <= $high));
    }

    /** @return list<string> */
    private static function ends(MeterFile $file, Constants $constants): array
    {
        $seen = array_column($file->ends, 1);
        $values = array_column($file->points, 1);
        $isLow = in_array('low', $seen, true);
        $isHigh = in_array('high', $seen, true);

        return array_values(array_filter([
            $isLow ? 'The meter showed LO: lower than it can measure. That is usually treated at once with quick sugar; follow your own plan.' : '',
            $isLow ? '' : Curve::lowOf($values, $constants),
            $isHigh ? 'The meter showed HI: higher than it can measure. Follow your own plan, and measure again.' : '',
            $isHigh ? '' : Curve::highOf($values, $constants),
        ]));
    }

    /**
     * @param  list<array{float, float}>  $gaps
     * @return list<string>
     */
    private static function ofGaps(array $gaps, MeterFile $file, float $least): array
    {
        return array_map(static fn (array $gap): string => self::isClockChange($gap, $file, $least)
            ? 'In that night the clock was changed: what lies behind the jump is left out.'
            : sprintf(
                'There is a gap of %.0f minutes without a reading: what lies behind it is left out.', $gap[1] - $gap[0],
            ), $gaps);
    }

    /** @param  array{float, float}  $gap */
    private static function isClockChange(array $gap, MeterFile $file, float $least): bool
    {
        // An hour that is skipped, and readings as far apart as they may be.
        if ($file->start === null || 60 + $least < $gap[1] - $gap[0]) {
            return false;
        }
        $moment = static fn (float $minute): int => (int) (($file->start + $minute) * 60);
        foreach (self::ZONES as $zone) {
            $from = new DateTimeImmutable(gmdate('Y-m-d H:i:s', $moment($gap[0])), new DateTimeZone($zone));
            $to = new DateTimeImmutable(gmdate('Y-m-d H:i:s', $moment($gap[1])), new DateTimeZone($zone));
            if ($from->getOffset() !== $to->getOffset()) {
                return true;
            }
        }

        return false;
    }
}
