<?php

declare(strict_types=1);

namespace Tests\Core\Larder;

use Aglyca\Core\Larder\Nutrients;
use PHPUnit\Framework\TestCase;

/** Nutrients add up and scale, each by itself. */
final class NutrientsTest extends TestCase
{
    public function test_a_sum_is_linear_in_every_nutrient_and_each_polyol(): void
    {
        $of = static fn (float $from, array $polyols): Nutrients => new Nutrients(
            $from, $from + 1, $from + 2, $from + 3, $from + 4, $from + 5, $from + 6, $polyols, $from + 8, $from + 9,
            $from + 10, $from + 11,
        );
        $a = $of(1.0, ['erythritol' => 2.0]);
        $b = $of(50.0, ['erythritol' => 3.0, 'xylitol' => 4.0]);
        $sum = get_object_vars(Nutrients::sum([$a, $b->times(2.0)]));
        foreach (get_object_vars($a) as $name => $value) {
            if ($name !== 'polyols') {
                self::assertEqualsWithDelta($value + 2 * $b->{$name}, $sum[$name], 1e-9, $name);
            }
        }
        self::assertEquals(['erythritol' => 8.0, 'xylitol' => 8.0], $sum['polyols']);
        self::assertEquals(new Nutrients(), Nutrients::sum([]));
    }
}
