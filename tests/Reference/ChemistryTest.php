<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Forecast\WaterActivity;
use Aglyca\Core\Formula\Formula;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Soda and acid, water activity, crystallisation and cooling, worked by hand beside each case. */
final class ChemistryTest extends CoreCase
{
    private static function formula(string $lines): Formula
    {
        return self::account("T\n$lines")->formula;
    }

    /** IUPAC molar masses: NaHCO3 84.01; citric acid 192.12 with three protons; acetic 60.05; bitartrate 188.18. */
    #[DataProvider('balances')]
    public function test_soda_and_acid_in_equivalents(string $lines, float $soda): void
    {
        self::assertEqualsWithDelta(
            $soda,
            (new AcidBalance(self::tables()))->leftOverSoda(self::formula($lines)),
            0.005,
        );
    }

    /** @return array<string, array{string, float}> */
    public static function balances(): array
    {
        return [
            'soda alone' => ['5 g baking soda', 5.0],
            '5 g soda, 100 g vinegar: 5 g acetic acid, 83.3 meq' => [
                "5 g baking soda\n100 g vinegar",
                5 - (5 / 60.05) * 84.01,
            ],
            '5 g soda, 50 g lemon juice: 2.75 g citric acid, 42.9 meq' => [
                "5 g baking soda\n50 g lemon juice",
                5 - ((2.75 * 3) / 192.12) * 84.01,
            ],
            'two to one by mass of cream of tartar, as in baking powder' => [
                "1 g baking soda\n2.263 g cream of tartar",
                1 - ((2.263 * 0.99) / 188.18) * 84.01,
            ],
        ];
    }

    /** Below, at and above what a pound of dough hides. */
    public function test_left_over_soda_is_named_with_what_needs_no_acid(): void
    {
        $warned = static fn (string $soda): array => array_column(
            self::work("Cake\nMakes 8 slices\n200 g ground almonds\n150 g erythritol\n3 eggs\n$soda g baking soda")
                ->warnings,
            'sentence',
            'key',
        );
        self::assertArrayNotHasKey('leftover-soda', $warned('0.4'));
        self::assertStringContainsString('3.0 g of the baking soda find no acid', $warned('3')['leftover-soda']);
        self::assertArrayHasKey(
            'sunflower-soda',
            array_column(
                self::work("Cake\n250 g flour\n200 g sugar\n3 eggs\n3 g baking soda", ['school' => 'seed'])->warnings,
                'sentence',
                'key',
            ),
        );
    }

    /**
     * Saturated at 25 °C: sucrose 0.844, sodium chloride 0.753, xylitol 0.79, erythritol 0.91 (from memory of handbook
     * tables); sucrose in its own weight of water 0.94; pure water 1; none 0.
     */
    public function test_water_activity(): void
    {
        $activity = new WaterActivity(self::tables());
        $of = static fn (string $solute, float $grams): float => $activity->ofSolution([$solute => $grams], 100.0);
        self::assertEqualsWithDelta(0.844, $of('sucrose', 203.0), 0.01);
        self::assertEqualsWithDelta(0.753, $of('salt', 36.0), 0.01);
        self::assertEqualsWithDelta(0.79, $of('xylitol', 178.0), 0.02);
        self::assertEqualsWithDelta(0.91, $of('erythritol', 58.0), 0.01);
        self::assertEqualsWithDelta(0.94, $of('sucrose', 100.0), 0.01);
        self::assertSame($of('erythritol', 58.0), $of('erythritol', 580.0), 'crystals bind no water');
        self::assertSame([1.0, 0.0], [$activity->ofSolution([], 100.0), $activity->of([])]);
        // Ross: the activities of two solutes in the same water are multiplied.
        self::assertEqualsWithDelta(
            $of('sucrose', 50.0) * $of('glycerol', 20.0),
            $activity->ofSolution(['sucrose' => 50.0, 'glycerol' => 20.0], 100.0),
            1e-9,
        );
    }

    /**
     * 37 g of erythritol in 100 g of solution at 25 °C are 58.7 g in 100 g of water (from memory of solubility
     * tables).
     */
    public function test_erythritol_is_just_saturated_where_the_tables_say_so(): void
    {
        $solubility = self::core()->constants->get('erythritol-solubility');
        self::assertEqualsWithDelta(37 / 63, $solubility, 0.001);
        self::assertEqualsWithDelta(1.0, (new Traits(100.0, 63.0, crystal: 37.0))->grain($solubility, 0.0), 0.002);
        self::assertEqualsWithDelta(2.0, (new Traits(137.0, 63.0, crystal: 74.0))->grain($solubility, 0.0), 0.004);
    }

    /**
     * By van 't Hoff with 22 kJ a mole: 0.587 g in a gram of water at 25 °C are 0.31 at 5 °C (from memory: tables give
     * 0.3 to 0.33).
     */
    public function test_the_cold_holds_less_dissolved(): void
    {
        $at = static fn (float $celsius): float => Solubility::atCelsius($celsius, self::core()->constants);
        self::assertEqualsWithDelta(0.587, $at(25.0), 1e-9);
        self::assertEqualsWithDelta(0.31, $at(5.0), 0.005);
        $grain = static fn (string $title): float => self::work(
            "$title\nMakes 6 portions\n400 g whipping cream\n80 g erythritol",
        )->properties['grain']->after;
        self::assertEqualsWithDelta(0.587 / 0.31, $grain('Vanilla mousse') / $grain('Vanilla frosting'), 0.03);
    }

    /**
     * Each sugar alcohol by its own solubility and heat (from memory of tables): xylitol cools a dry frosting,
     * sorbitol hardly sets.
     */
    public function test_each_sugar_alcohol_is_held_by_its_own_figures(): void
    {
        $cool = static fn (string $sweet): float => self::work(
            "Frosting\nMakes 10 portions\n200 g $sweet\n100 g butter\n20 g cream cheese",
        )->properties['cool']->after;
        // By hand: 27 g of water hold 48 g of the xylitol and 16 g of the erythritol.
        self::assertEqualsWithDelta(
            ((200 - 48) * 153) / ((200 - 16) * 180),
            $cool('xylitol') / $cool('erythritol'),
            0.02,
        );
        self::assertGreaterThan(40.0, $cool('xylitol'));
        self::assertSame(0.0, $cool('allulose'));
    }

    /**
     * 100 g of piece with 20 g of erythritol and 17.04 g of water: 10 g stay dissolved, 10 g take up 1800 J, 18 J a
     * gram.
     */
    public function test_cooling_is_of_the_crystals_alone(): void
    {
        self::assertEqualsWithDelta(
            18.0,
            (new Traits(100.0, 10 / 0.587, crystal: 20.0, coolness: 20.0))->cool(0.587, 0.0, 180.0),
            1e-6,
        );
        self::assertSame(0.0, (new Traits(100.0, 60.0, crystal: 20.0, coolness: 20.0))->cool(0.587, 0.0, 180.0));
    }
}
