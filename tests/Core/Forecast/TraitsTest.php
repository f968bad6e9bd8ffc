<?php

declare(strict_types=1);

namespace Tests\Core\Forecast;

use Aglyca\Core\Forecast\Traits;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** What a mix holds is the sum of what its parts hold, property by property. */
final class TraitsTest extends TestCase
{
    /** @return array<string, float> each property with a value of its own */
    private static function some(float $from): array
    {
        $names = array_map(
            static fn (\ReflectionProperty $p): string => $p->getName(),
            (new ReflectionClass(Traits::class))->getProperties(),
        );

        return array_combine($names, array_map(static fn (int $i): float => $from + $i, array_keys($names)));
    }

    public function test_a_sum_is_linear_in_every_property(): void
    {
        [$a, $b] = [self::some(1.0), self::some(100.0)];
        $sum = get_object_vars(Traits::sum([[new Traits(...$a), 0.5], [new Traits(...$b), 3.0]]));
        foreach ($a as $name => $value) {
            self::assertEqualsWithDelta(0.5 * $value + 3.0 * $b[$name], $sum[$name], 1e-9, $name);
        }
        self::assertEquals(new Traits(), Traits::sum([]));
    }

    public function test_what_is_left_out_is_that_alone(): void
    {
        $all = self::some(1.0);
        self::assertEquals(new Traits(...['crystal' => 0.0] + $all), (new Traits(...$all))->withoutCrystals());
        self::assertEquals(new Traits(...['hold' => 0.0] + $all), (new Traits(...$all))->withoutHold());
    }
}
