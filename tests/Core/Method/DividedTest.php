<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Method\PlannedStep;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** What goes in at several places is weighed for each of them, and all of it goes in. */
final class DividedTest extends CoreCase
{
    /** @param  array<int, float>  $shares  percent of the walnuts by step */
    #[DataProvider('divided')]
    public function test_a_thing_goes_in_by_its_portions(string $method, array $shares): void
    {
        self::assertSame($shares, self::shares("100 g walnuts\n", $method, ['walnuts']));
    }

    /** @return iterable<string, array{string, array<int, float>}> */
    public static function divided(): iterable
    {
        yield 'half and the rest' => ["Fold in half the walnuts.\nScatter the rest of the walnuts on top.", [50.0, 50.0]];
        yield 'the other half' => ["Fold in half of the walnuts.\nScatter the other half of the walnuts on top.", [50.0, 50.0]];
        yield 'so many grams' => ["Fold in 30 g of the walnuts.\nScatter the remaining walnuts on top.", [30.0, 70.0]];
        yield 'all but so many' => ["Fold in all but 20 g of the walnuts.\nScatter the remaining walnuts on top.", [80.0, 20.0]];
        yield 'a handful' => ["Fold in all but a handful of the walnuts.\nScatter the last handful of walnuts on top.", [66.2, 33.8]];
        yield 'two thirds' => ["Fold in two thirds of the walnuts.\nScatter the remaining walnuts on top.", [66.7, 33.3]];
        yield 'kept for later' => ["Reserve 40 g of the walnuts.\nFold in the rest of the walnuts.\nScatter the reserved walnuts on top.", [0.0, 60.0, 40.0]];
        yield 'kept for later, said behind' => ["Fold in the walnuts, keeping 25 g back.\nScatter the remaining walnuts on top.", [75.0, 25.0]];
        yield 'grams as they stand' => ["Fold in 60 g walnuts.\nScatter the remaining 40 g walnuts on top.", [60.0, 40.0]];
        yield 'nobody says how' => ["Fold in the walnuts.\nScatter some crumbs on top.", [100.0, 0.0]];
        yield 'half, and of the rest no word' => ["Fold in half the walnuts.\nBake it.", [100.0, 0.0]];
    }

    public function test_what_takes_the_place_of_a_thing_is_divided_as_it_was(): void
    {
        $shares = self::shares(
            "200 g plain flour\n", "Fold in half the flour.\nMix the remaining flour with the cinnamon for the crumbs.",
            ['almond-flour'],
        );
        self::assertSame([50.0, 50.0], $shares);
    }

    /**
     * @param  list<string>  $foods
     * @return list<float> percent of all of it, by the steps of the method
     */
    private static function shares(string $list, string $method, array $foods): array
    {
        $conversion = self::kernel()->convert(self::brief(
            "Quay squares\nMakes 9 squares\n115 g butter\n150 g sugar\n2 eggs\n1 tsp baking powder\n2 tsp cinnamon\n{$list}\nMethod\n".
            "Beat the butter and sugar until pale.\nBeat in the eggs.\n$method\nBake at 180 °C for 30 minutes.",
        ));
        $grams = static fn (PlannedStep $step): float => array_sum(array_map(
            static fn ($use): float => in_array($use->food->key, $foods, true) ? $use->grams : 0.0,
            $step->uses,
        ));
        $steps = array_values(array_filter($conversion->steps(), static fn (PlannedStep $s): bool => $s->written !== ''));
        $all = array_map($grams, $steps);
        $sum = array_sum($all);
        $portions = array_map(static fn (float $g): float => round(100 * $g / max(1e-9, $sum), 1), $all);

        return array_slice($portions, 2, substr_count($method, "\n") + 1);
    }
}
