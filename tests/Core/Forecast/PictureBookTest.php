<?php

declare(strict_types=1);

namespace Tests\Core\Forecast;

use Aglyca\Core\Tables;
use Aglyca\Core\Wiring;
use PHPUnit\Framework\TestCase;

/** The Almanac's series say what a forecast computes with. */
final class PictureBookTest extends TestCase
{
    public function test_sugar_takes_its_own_minutes_ten_degrees_halve_them_and_allulose_is_sooner(): void
    {
        $book = (new Wiring(Tables::in(dirname(__DIR__, 3).'/data')))->pictures();
        $at = [];
        foreach ($book->browning(20.0) as $one) {
            foreach ($one->points as $point) {
                $at[$one->food->key][(int) $point->x] = $point->y;
            }
        }
        self::assertEqualsWithDelta(20.0, $at['sugar'][175], 1e-9);
        self::assertEqualsWithDelta(10.0, $at['sugar'][185], 1e-9);
        self::assertEqualsWithDelta(
            5.0,
            $at['allulose'][175],
            1e-9,
            'it browns four times as soon, by data/properties.csv',
        );
        self::assertContains('erythritol', array_map(static fn ($f): string => $f->key, $book->neverBrown()));
    }

    public function test_what_dissolves_grows_with_the_heat_and_is_what_was_measured_at_25(): void
    {
        $points = (new Wiring(Tables::in(dirname(__DIR__, 3).'/data')))->pictures()->dissolving();
        $by = array_column($points, 'y', 'x');
        self::assertEqualsWithDelta(58.7, $by[25], 1e-9);
        $sorted = array_column($points, 'y');
        sort($sorted);
        self::assertSame($sorted, array_column($points, 'y'));
    }

    public function test_bars_stand_in_order_with_their_spread_around_them(): void
    {
        $book = (new Wiring(Tables::in(dirname(__DIR__, 3).'/data')))->pictures();
        foreach (['sweetness' => 1, 'thirst' => -1] as $what => $way) {
            $rows = $book->$what();
            self::assertGreaterThan(6, count($rows));
            foreach ($rows as $i => $row) {
                self::assertTrue($row->range->low <= $row->range->high, $row->food->key);
                self::assertTrue($i === 0 || $way * ($row->range->typical <=> $rows[$i - 1]->range->typical) >= 0);
            }
        }
        $grams = [];
        foreach ($book->sweetness() as $row) {
            $grams[$row->food->key] = $row->range->typical;
        }
        self::assertEqualsWithDelta(143, $grams['allulose'], 2, 'common practice: seven tenths as sweet as sugar');
    }
}
