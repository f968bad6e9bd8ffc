<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Facts of the trade without a single source: common practice, each within what bakers would accept. */
final class CommonPracticeTest extends CoreCase
{
    #[DataProvider('weights')]
    public function test_a_measure_weighs(string $line, float $grams, float $within): void
    {
        self::assertEqualsWithDelta($grams, self::line($line)->grams?->value, $within);
    }

    /** @return array<string, array{string, float, float}> */
    public static function weights(): array
    {
        $rows = [
            ['1 cup coconut flour', 116, 2],
            ['2/3 cup granulated sweetener', 126, 2],
            ['1 tsp baking powder', 5, 0.5],
            ['1 block cream cheese', 226.8, 1],
            ['1 large egg', 50, 0.5],
            ['1 cup almond flour', 104, 9],
            ['1 cup peanut flour', 80, 20],
            ['1 cup flour', 125, 14],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    public function test_squeezed_grated_marrow_loses_about_half_its_volume(): void
    {
        self::assertEqualsWithDelta(
            2.0,
            self::line('1 cup zucchini, squeezed dry')->grams->value /
                self::line('1 cup zucchini, grated')->grams->value,
            0.2,
        );
    }

    public function test_powdered_sweetener_weighs_far_less_a_cup_than_granulated(): void
    {
        self::assertLessThan(
            0.75,
            self::line('1 cup powdered erythritol')->grams->value / self::line('1 cup erythritol')->grams->value,
        );
    }
}
