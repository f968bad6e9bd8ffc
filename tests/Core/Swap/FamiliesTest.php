<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

use Aglyca\Core\Family\Families;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Swap\AmountKey;
use Aglyca\Core\Swap\Blend;
use Aglyca\Core\Swap\Triangle;
use Aglyca\Core\Swap\Wishes;
use InvalidArgumentException;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class FamiliesTest extends CoreCase
{
    #[DataProvider('titles')]
    public function test_a_title_and_a_component_speak_of_a_family(
        string $title,
        string $component,
        bool $isFirst,
        string $family,
    ): void {
        self::assertSame(
            $family,
            (new Families(self::tables()))->propose($title, $component, $isFirst),
            "$title / $component",
        );
    }

    /** @return iterable<string, array{string, string, bool, string}> */
    public static function titles(): iterable
    {
        foreach (
            [
                ['Chewy oat cookies', '', true, 'cookie-chewy'],
                ['Pistachio rose biscuits', '', true, 'cookie-crisp'],
                ['Ginger snaps', '', true, 'cookie-crisp'],
                ['Butter shortbread', '', true, 'shortbread'],
                ['Walnut brownies', '', true, 'brownie'],
                ['Cardamom orange loaf', '', true, 'butter-cake'],
                ['Walnut spice roulade', '', true, 'sponge'],
                ['Plum muffins', '', true, 'muffin'],
                ['Sunday waffles', '', true, 'waffle'],
                ['Three-minute mug cake', '', true, 'mug-cake'],
                ['Poppy-seed cheesecake squares', '', true, 'cheesecake'],
                ['Lemon pudding', '', true, 'custard'],
                ['Vanilla ice cream', '', true, 'ice-cream'],
                ['Rose marshmallows', '', true, 'jelly'],
                ['Salted caramel', '', true, 'caramel'],
                ['Hazelnut meringues', '', true, 'meringue'],
                ['Almond brittle', '', true, 'hard-candy'],
                ['Something else altogether', '', true, 'butter-cake'],
                ['Cardamom loaf', 'Glaze', false, 'frosting'],
                ['Plum tart', 'Pastry', true, 'shortbread'],
                ['Poppy-seed cheesecake squares', 'Base', true, 'shortbread'],
                ['Poppy-seed cheesecake squares', 'Filling', false, 'cheesecake'],
                ['Coffee custard tart', 'Custard', false, 'custard'],
                ['Coffee custard tart', 'Filling', false, 'custard'],
                ['Thumbprints', 'Filling', false, 'fruit-filling'],
                ['Thumbprints', '', true, 'shortbread'],
                ['Loaf', 'Lemon curd', false, 'curd'],
                ['Loaf', 'Thing on the side', false, 'frosting'],
            ] as [$title, $component, $isFirst, $family]
        ) {
            yield "$title, $component" => [$title, $component, $isFirst, $family];
        }
    }

    /** The runner-up is what the words name next, and it fits what is made. */
    public function test_what_else_it_could_be_is_told(): void
    {
        foreach (
            [
                ["Banana bread muffins\nMakes 12\n200 g flour\n100 g sugar\n2 eggs\n\nMethod\nBake at 180 °C for 20 minutes.", 'muffin', 'butter-cake'],
                ["Quay waffles\nMakes 8\n240 g flour\n25 g sugar\n3 eggs\n430 ml buttermilk\n110 g butter\n\nMethod\nWhisk. Cook in the waffle iron for 5 minutes each.", 'waffle', null],
                ["Marmalade squares\nMakes 12\n200 g flour\n100 g sugar\n2 eggs\n\nMethod\nBake at 180 °C for 20 minutes.", 'butter-cake', null],
            ] as [$text, $is, $other]
        ) {
            $conversion = self::work($text);
            self::assertSame($is, $conversion->family()->key);
            self::assertSame([$other], array_map(
                static fn (?\Aglyca\Core\Family\Family $f): ?string => $f?->key,
                self::kernel()->runnersUp($conversion),
            ));
        }
    }

    /** What it is made of and what is done to it has the last word over the title. */
    #[DataProvider('kinds')]
    public function test_composition_and_method_decide_between_words(string $text, string ...$families): void
    {
        self::assertSame($families, array_column(self::work($text)->swap->families, 'key'));
    }

    /** @return array<string, list<string>> */
    public static function kinds(): array
    {
        return [
            'nothing baked is a mousse' => [
                "Chocolate cream\n200 g flour\n150 g sugar\n2 eggs\n\nMethod\nBake at 170 °C for 30 minutes.",
                'butter-cake',
            ],
            'egg that nothing heats sets no custard' => [
                "Mint rounds\n1 egg white\n400 g icing sugar\n\nMethod\nWhisk the white, stir in the sugar, knead and roll out.",
                'mousse',
            ],
            'over simmering water it is cooked' => [
                "Wine foam custard\n6 egg yolks\n80 g sugar\n150 ml wine\n\nMethod\nWhisk all of it over simmering water until thick and tripled.",
                'custard',
            ],
            'doughnuts with yeast' => [
                "Doughnuts\n300 g flour\n7 g yeast\n50 g sugar\n\nMethod\nFry them.",
                'yeast-dough',
            ],
            'doughnuts without' => [
                "Doughnuts\n200 g flour\n100 g sugar\n2 eggs\n\nMethod\nBake at 180 °C for 12 minutes.",
                'muffin',
            ],
            'doughnuts that are fried' => [
                "Doughnuts\n300 g flour\n100 g sugar\n2 eggs\n100 g milk\n\nMethod\nFry them for 2 minutes a side.",
                'fried-dough',
            ],
            'balls that are fried, whatever they are called' => [
                "Rose globes\nMakes 20\n\nFor dough:\n80 g milk powder\n40 g flour\n15 g ghee\n60 ml milk\n\nFor syrup:\n300 g sugar\n400 ml water\n\nMethod\nKnead a soft dough and make 20 balls. Fry on low heat until golden. Boil sugar and water to a syrup and soak the balls.",
                'fried-dough',
                'caramel',
            ],
            'a sponge whose butter is creamed' => [
                "Harbour pudding\nServes 9\n\nFor the sponge:\n175 g self-raising flour\n175 g sugar\n80 g butter\n2 eggs\n\nMethod\nCream butter and sugar, beat in eggs, fold in flour. Bake at 180 °C for 35 minutes.",
                'butter-cake',
            ],
            'a sponge whose eggs are whipped' => [
                "Harbour roll\nServes 9\n\nFor the sponge:\n100 g flour\n100 g sugar\n4 eggs\n\nMethod\nWhisk eggs and sugar until thick, fold in flour. Bake at 190 °C for 12 minutes.",
                'sponge',
            ],
            'a frozen bark' => [
                "Frozen yogurt bark\n500 g yogurt\n60 g honey\n\nMethod\nSpread and freeze for 3 hours.",
                'ice-cream',
            ],
            'w/ is with' => [
                "Carrot cakes w/ cream cheese icing\n200 g flour\n150 g sugar\n2 eggs\n\nMethod\nBake at 175 °C for 20 minutes.",
                'butter-cake',
            ],
            'with may be one letter' => [
                "Zabaglione w berries\n6 egg yolks\n80 g sugar\n150 ml wine\n250 g mixed berries\n\nMethod\nWhisk the yolks, sugar and wine over simmering water until thick.",
                'custard',
            ],
            'biscuits as wet as a scone' => [
                "Strawberry shortcakes\n\nBiscuits:\n240 g flour\n50 g sugar\n14 g baking powder\n85 g butter\n160 ml milk\n\nMethod\nBake at 220 °C for 13 minutes.",
                'scone',
            ],
            'bread in a mug' => [
                "Quick bread\n30 g flour\n1 egg\n10 g sugar\n\nMethod\nMicrowave for 90 seconds.",
                'mug-cake',
            ],
            'an oven that is not named' => [
                "Things\n200 g flour\n100 g sugar\n100 g butter\n\nMethod\nMix. 180 °C 13 min.",
                'butter-cake',
            ],
            'with is not what it is' => [
                "Ring cake with ganache\n200 g flour\n150 g sugar\n2 eggs\n\nMethod\nBake at 175 °C for 40 minutes.",
                'butter-cake',
            ],
            'fruit below a crumble' => [
                "Plum crumble\n500 g plums\n60 g sugar\n\nFor the crumble topping:\n150 g flour\n80 g sugar\n80 g butter\n\nMethod\nBake at 180 °C for 30 minutes.",
                'fruit-filling',
                'crumble',
            ],
            'a batter over fruit is no crumble' => [
                "Plum cobbler\n500 g plums\n60 g sugar\n\nTopping:\n120 g flour\n150 g sugar\n180 ml milk\n2 tsp baking powder\n\nMethod\nBake at 180 °C for 45 minutes.",
                'fruit-filling',
                'butter-cake',
            ],
            'and with little sugar it is a scone' => [
                "Plum cobbler\n500 g plums\n60 g sugar\n\nTopping:\n220 g flour\n40 g sugar\n60 g butter\n150 ml milk\n\nMethod\nBake at 200 °C for 30 minutes.",
                'fruit-filling',
                'scone',
            ],
        ];
    }

    /** Every family has a band for every row, in order, and figures that can be. */
    public function test_the_tables_hang_together(): void
    {
        $families = new Families(self::tables());
        $rows = array_column(self::tables()->rows('rows'), 'row');
        self::assertGreaterThanOrEqual(16, count($families->names()));
        foreach (array_keys($families->names()) as $key) {
            $family = $families->get($key);
            self::assertGreaterThanOrEqual(0.0, $family->bakeLoss);
            self::assertLessThan(0.4, $family->bakeLoss);
            self::assertTrue($family->heat === 0.0 || ($family->heat >= 90 && $family->heat <= 230), $key);
            foreach ([$family->doneness, $family->cooling, $family->keeping] as $words) {
                self::assertNotSame('', $words, $key);
            }
            foreach (
                [
                    'sweetness',
                    'bulk',
                    'body',
                    'moisture',
                    'fat',
                    'structure',
                    'browning',
                    'grain',
                    'cool',
                    'practice',
                    'practice-sweet',
                    'practice-flour',
                ] as $row
            ) {
                $band = $family->band($row);
                self::assertLessThanOrEqual($band->high, $band->low, "$key $row");
                self::assertGreaterThanOrEqual(0.0, $band->weight);
            }
        }
        foreach (self::tables()->rows('family_bands') as $row) {
            self::assertTrue(
                // What is poured in is held by the offers, not by a row.
                in_array($row['row'], [...$rows, 'poured'], true) || str_starts_with($row['row'], 'practice'),
                $row['row'],
            );
        }
        $this->expectException(OutOfBoundsException::class);
        $families->get('soup');
    }

    /** The hottest long bake decides; without an oven the family's own heat and time do. Ten degrees double. */
    public function test_minutes_at_the_reference_heat(): void
    {
        $cookie = (new Families(self::tables()))->get('cookie-chewy');
        $oven = static fn (string $method): OvenPlan => OvenPlan::asWritten(
            self::work("A\n100 g sugar\n100 g flour\n\nMethod\n$method")->recipe->steps,
            self::core()->ovens,
        );
        self::assertEqualsWithDelta(
            20.0,
            $oven('Bake at 175 °C for 20 minutes.')->writtenMinutesAtReference($cookie),
            0.1,
        );
        self::assertEqualsWithDelta(
            40.0,
            $oven('Bake at 185 °C for 20 minutes.')->writtenMinutesAtReference($cookie),
            0.1,
        );
        self::assertEqualsWithDelta(
            11.0,
            $oven('Bake at 175 °C for 20 minutes.')->coolerBy(10.0)->minutesAtReference($cookie),
            0.1,
        );
        self::assertEqualsWithDelta(
            12.0,
            OvenPlan::asWritten([], self::core()->ovens)->writtenMinutesAtReference($cookie),
            0.1,
        );
        self::assertSame(
            0.0,
            OvenPlan::asWritten([], self::core()->ovens)->writtenMinutesAtReference(
                (new Families(self::tables()))->get('mousse'),
            ),
        );
        self::assertEqualsWithDelta(
            30.0,
            $oven(
                "Bake at 175 °C for 10 minutes.\nBake for 30 minutes.\nCool for 60 minutes.",
            )->writtenMinutesAtReference($cookie),
            0.1,
        );
        self::assertContainsOnlyInstancesOf(Step::class, self::work("A\n100 g sugar\n\nMethod\nMix.")->recipe->steps);
    }

    /**
     * The part of the triangle above zero, by its values at the corners: nothing, all, a corner, all but a corner.
     *
     * @param  list<float>  $over
     */
    #[DataProvider('clips')]
    public function test_the_region_of_a_row_is_an_exact_polygon(array $over, int $corners, float $area): void
    {
        $points = Triangle::clip($over);
        self::assertCount($corners, $points);
        $sum = 0.0;
        foreach ($points as $i => $p) {
            $q = $points[($i + 1) % count($points)];
            self::assertEqualsWithDelta(1.0, array_sum($p), 1e-12);
            self::assertGreaterThanOrEqual(-1e-9, $over[0] * $p[0] + $over[1] * $p[1] + $over[2] * $p[2]);
            $sum += $p[0] * $q[1] - $q[0] * $p[1];
        }
        self::assertEqualsWithDelta($area, abs($sum), 1e-12, 'as a share of the triangle');
    }

    /**
     * @return array<string, array{list<float>, int, float}> a corner cut at half of two sides is a quarter of the
     *     triangle
     */
    public static function clips(): array
    {
        return [
            'nowhere' => [[-1.0, -2.0, -0.5], 0, 0.0],
            'everywhere' => [[1.0, 2.0, 0.5], 3, 1.0],
            'one corner' => [[1.0, -1.0, -1.0], 3, 0.25],
            'all but one' => [[-1.0, 1.0, 1.0], 4, 0.75],
            'half' => [[1.0, -1.0, 0.0], 3, 0.5],
        ];
    }

    public function test_wishes_out_of_range_are_refused_and_shares_are_made_one(): void
    {
        self::assertSame([0.25, 0.25, 0.5], Blend::shares([1.0, 1.0, 2.0]));
        self::assertNull(Blend::shares([0.0, 0.0, 0.0]));
        self::assertSame('1:allulose', (string) new AmountKey(1, 'allulose'));
        self::assertSame('1:water:syrup', (string) new AmountKey(1, 'water', AmountKey::SYRUP));
        $wishes = new Wishes(
            'allulose',
            'almond',
            0.6,
            amounts: ['0:molasses:added' => 7.0, '0:water:syrup' => 3.0, '1:butter:added' => 9.0],
        );
        self::assertSame(
            [['molasses' => 7.0], ['butter' => 9.0], []],
            [$wishes->added(0), $wishes->added(1), $wishes->added(2)],
        );
        foreach ([0.59, 1.11] as $sweetness) {
            try {
                new Wishes('allulose', 'almond', $sweetness);
                self::fail("$sweetness was taken");
            } catch (InvalidArgumentException $fault) {
                self::assertStringContainsString('60 to 110 %', $fault->getMessage());
            }
        }
        $this->expectException(InvalidArgumentException::class);
        Blend::of([], [0.5, 0.6, -0.1]);
    }
}
