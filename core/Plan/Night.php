<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Quantity\Stretch;
use DateTimeImmutable;
use DateTimeZone;

/** The hours in which a kitchen sleeps, as instants: clocks that are put forward or back are minded. */
final class Night
{
    /**
     * @param  int  $from  minutes since 1970, UTC
     * @return list<Stretch> minutes since 1970, UTC
     */
    public static function between(int $from, int $to, Places $places, DateTimeZone $zone): array
    {
        $nights = [];
        if ($places->asleepFrom === $places->asleepTo) {
            return [];
        }
        $day = self::local($from, $zone)->setTime(0, 0)->modify('-1 day');
        while (self::minutes($day) <= $to) {
            $ends = $places->asleepTo > $places->asleepFrom ? $day : $day->modify('+1 day');
            $night = new Stretch(
                self::minutes(self::at($day, $places->asleepFrom)),
                self::minutes(self::at($ends, $places->asleepTo)),
            );
            if ($night->to > $from && $night->from < $to) {
                $nights[] = $night;
            }
            $day = $day->modify('+1 day');
        }

        return $nights;
    }

    public static function local(int $minutes, DateTimeZone $zone): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.$minutes * 60))->setTimezone($zone);
    }

    public static function minutes(DateTimeImmutable $moment): int
    {
        return intdiv($moment->getTimestamp(), 60);
    }

    private static function at(DateTimeImmutable $day, int $minutes): DateTimeImmutable
    {
        return $day->setTime(intdiv($minutes, 60), $minutes % 60);
    }
}
