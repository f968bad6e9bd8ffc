<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Aglyca\Core\Quantity\Estimate;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;

final class EstimateTest extends TestCase
{
    public function test_a_range_is_rectangular(): void
    {
        $range = Estimate::between(2, 3);
        self::assertSame(2.5, $range->value);
        self::assertEqualsWithDelta(0.5 / sqrt(3), $range->u, 1e-12);
    }

    public function test_sums_add_in_squares_and_scaling_scales(): void
    {
        $sum = Estimate::of(10, 3)->plus(Estimate::of(5, 4));
        self::assertSame([15.0, 5.0], [$sum->value, $sum->u]);
        self::assertSame([-20.0, 6.0], [Estimate::of(10, 3)->times(-2)->value, Estimate::of(10, 3)->times(-2)->u]);
    }

    /** JCGM 101: the product's spread by drawing from both distributions. */
    public function test_a_product_agrees_with_monte_carlo(): void
    {
        mt_srand(7);
        $normal = static fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_001)) *
            cos((2 * M_PI * mt_rand()) / mt_getrandmax());
        $draws = [];
        for ($i = 0; $i < 40_000; $i++) {
            $draws[] = (200 + 6 * $normal()) * (0.5 * (1 + 0.08 * $normal()));
        }
        $mean = array_sum($draws) / count($draws);
        $spread = sqrt(
            array_sum(array_map(static fn (float $d): float => ($d - $mean) ** 2, $draws)) / (count($draws) - 1),
        );
        $product = Estimate::of(200, 6)->timesAbout(0.5, 0.08);
        self::assertEqualsWithDelta($mean, $product->value, 0.15);
        self::assertEqualsWithDelta($spread, $product->u, 0.02 * $spread);
    }

    public function test_the_low_end_is_never_below_zero(): void
    {
        self::assertSame(0.0, Estimate::of(1, 2)->low(2));
        self::assertSame(5.0, Estimate::of(1, 2)->high(2));
    }

    public function test_it_refuses_what_is_no_number(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Estimate::of(NAN, 0);
    }
}
