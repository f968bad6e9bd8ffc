<?php

declare(strict_types=1);

namespace Tests\Core\Larder;

use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Quantity\UnitTable;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class KitchenMeasureTest extends CoreCase
{
    #[DataProvider('measures')]
    public function test_grams_are_said_as_a_kitchen_has_them(string $food, float $grams, string $measure): void
    {
        self::assertSame(
            $measure,
            self::core()->measures->say(self::core()->larder->get($food), $grams),
            "$grams g of $food",
        );
    }

    /**
     * @return iterable<string, array{string, float, string}> sugar 200 g a US cup, water 237, butter 227, baking
     *     powder 4.6 a teaspoon
     */
    public static function measures(): iterable
    {
        foreach (
            [
                ['sugar', 200.0, '1 cup'],
                ['sugar', 100.0, '½ cup'],
                ['sugar', 66.7, '⅓ cup'],
                ['sugar', 300.0, '1½ cups'],
                ['sugar', 50.0, '¼ cup'],
                ['sugar', 12.5, '1 tbsp'],
                ['sugar', 16.7, '1 tbsp + 1 tsp'],
                ['sugar', 18.7, '1½ tbsp'],
                ['sugar', 4.2, '1 tsp'],
                ['sugar', 2.1, '½ tsp'],
                ['sugar', 0.52, '⅛ tsp'],
                ['sugar', 0.26, 'a pinch'],
                ['sugar', 0.05, 'less than a pinch'],
                ['sugar', 0.0, 'none'],
                ['egg', 50.0, '1 large'],
                ['egg', 150.0, '3 large'],
                ['egg', 75.0, '1½ large'],
                ['egg-yolk', 37.2, '2'],
                ['water', 237.0, '1 cup'],
                ['water', 15.0, '1 tbsp'],
                ['butter', 113.4, '½ cup'],
            ] as [$food, $grams, $measure]
        ) {
            yield "$grams g $food" => [$food, $grams, $measure];
        }
    }

    /** What is said never strays by more than a few per cent of what is meant. */
    public function test_a_measure_reads_back_to_about_its_grams(): void
    {
        foreach (
            ['sugar', 'almond-flour', 'erythritol-powdered', 'cocoa', 'butter', 'heavy-cream', 'coconut-flour', 'honey'] as $key
        ) {
            $food = self::core()->larder->get($key);
            for ($grams = 6.0; $grams < 700; $grams *= 1.13) {
                $measure = self::core()->measures->say($food, $grams);
                $read = array_sum(
                    array_map(
                        static fn (string $part): float => self::line("$part $food->name")->grams->value ?? 0.0,
                        explode(' + ', $measure),
                    ),
                );
                self::assertEqualsWithDelta($grams, $read, 0.135 * $grams, "$grams g $key: $measure");
            }
        }
    }

    #[DataProvider('snaps')]
    public function test_amounts_snap_to_what_can_be_measured(string $food, float $grams, float $snapped): void
    {
        $larder = self::core()->larder;
        $snapper = new Snapper($larder, new UnitTable(self::tables()), self::core()->constants);
        self::assertEqualsWithDelta($snapped, $snapper->snap($larder->get($food), $grams), 0.006);
        self::assertEqualsWithDelta(
            $snapped,
            $snapper->snap($larder->get($food), $snapped),
            0.006,
            'snapped once is snapped',
        );
    }

    /** @return array<string, array{string, float, float}> */
    public static function snaps(): array
    {
        return [
            'flour to the gram' => ['almond-flour', 123.4, 123.0],
            'eggs whole' => ['egg', 80.0, 100.0],
            'never fewer than one egg' => ['egg', 3.0, 50.0],
            'an intense sweetener to the fine scale' => ['monk-fruit-extract', 0.37, 0.35],
            'baking powder to quarter teaspoons: 1.15 g each' => ['baking-powder', 5.0, 4.6],
            'at least a quarter' => ['baking-powder', 0.2, 1.15],
            'nothing stays nothing' => ['sugar', 0.0, 0.0],
            'much powder on the scale' => ['baking-powder', 30.4, 30.0],
        ];
    }
}
