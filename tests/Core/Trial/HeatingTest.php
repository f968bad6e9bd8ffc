<?php

declare(strict_types=1);

namespace Tests\Core\Trial;

use Aglyca\Core\Quantity\Interval;
use Aglyca\Core\Quantity\Point;
use Aglyca\Core\Trial\Heating;
use Tests\Core\CoreCase;

final class HeatingTest extends CoreCase
{
    /**
     * Newton's own curve: from 20 °C in an oven of 170 °C with k = 0.02, 95 °C is reached after ln 2 / 0.02 = 34.66
     * minutes.
     */
    public function test_it_finds_the_moment_on_newtons_own_curve(): void
    {
        $readings = array_map(static fn (int $t): Point => new Point((float) $t, 170 - 150 * exp(-0.02 * $t)), range(0, 15));
        $until = Heating::minutesUntil($readings, 170.0, 95.0) ?? new Interval(0.0, 0.0);
        [$soon, $late] = [$until->low, $until->high];
        self::assertEqualsWithDelta(log(2) / 0.02 - 15, $soon, 0.01);
        self::assertEqualsWithDelta($soon, $late, 0.01);
    }

    public function test_noise_widens_the_range_around_the_truth(): void
    {
        mt_srand(3);
        $inside = 0;
        for ($i = 0; $i < 60; $i++) {
            $readings = array_map(
                static fn (int $t): Point => new Point((float) $t, 170 - 150 * exp(-0.02 * $t) + mt_rand(-100, 100) / 100),
                range(0, 20),
            );
            $until = Heating::minutesUntil($readings, 170.0, 95.0) ?? new Interval(0.0, 0.0);
            [$soon, $late] = [$until->low, $until->high];
            self::assertLessThan($late, $soon);
            $inside += $soon - 1.5 <= 14.66 && $late + 1.5 >= 14.66 ? 1 : 0;
        }
        self::assertGreaterThan(50, $inside);
    }

    public function test_it_says_nothing_before_it_knows_and_nought_when_it_is_there(): void
    {
        self::assertNull(Heating::minutesUntil([new Point(0.0, 20.0), new Point(1.0, 20.5)], 170.0, 95.0));
        self::assertNull(
            Heating::minutesUntil(
                array_map(static fn (int $t): Point => new Point((float) $t, 60.0 - $t), range(0, 10)),
                170.0,
                95.0,
            ),
        );
        self::assertEquals(
            new Interval(0.0, 0.0),
            Heating::minutesUntil(
                array_map(static fn (int $t): Point => new Point((float) $t, 50.0 + 5 * $t), range(0, 10)),
                170.0,
                95.0,
            ),
        );
        $heating = new Heating(self::tables());
        self::assertEquals(new Interval(65.0, 70.0), $heating->doneness(self::core()->families->get('cheesecake')));
        self::assertEquals(new Interval(93.0, 99.0), $heating->doneness(self::core()->families->get('butter-cake')));
        self::assertNull($heating->doneness(self::core()->families->get('cookie-crisp')));
    }
}
