<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Side;
use Aglyca\Core\Swap\AmountKey;
use InvalidArgumentException;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class SwapperTest extends CoreCase
{
    /** @return iterable<string, array{string, string, string}> every dessert by every sweetener and school */
    public static function all(): iterable
    {
        foreach (self::desserts() as $name => [$text]) {
            foreach (array_keys(self::core()->schools->sweeteners()) as $sweetener) {
                yield "$name, $sweetener" => [$text, $sweetener, 'almond-coconut'];
            }
            foreach (array_keys(self::core()->schools->flours()) as $school) {
                yield "$name, $school" => [$text, 'allulose-erythritol', $school];
            }
        }
    }

    #[DataProvider('all')]
    public function test_every_swap_keeps_what_it_promises(string $text, string $sweetener, string $school): void
    {
        $conversion = self::work($text, ['sweetener' => $sweetener, 'school' => $school, 'sweetness' => 0.9]);
        self::assertLessThan(
            0.5 * $conversion->before->net(Convention::LowCarb),
            $conversion->after->net(Convention::LowCarb),
        );
        foreach ($conversion->swap->exchanges as $exchange) {
            foreach ($exchange->to as $part) {
                self::assertGreaterThan(0, $part->grams);
                self::assertNotSame('', $part->why);
                if ($part->food->key === 'egg') {
                    self::assertEqualsWithDelta(0, fmod($part->grams, 50), 1e-9, 'whole eggs');
                }
            }
        }
        self::assertTrue(
            $conversion->properties['tolerance']->after <= 1.03 || $conversion->swap->collisions() !== [],
            'within tolerance, or named',
        );
        $lines = array_merge(...array_map(static fn ($e): array => $e->from, $conversion->swap->exchanges));
        sort($lines);
        self::assertSame(range(0, count($conversion->recipe->lines) - 1), $lines, 'every line goes somewhere, once');
    }

    /** The proposal written out as a recipe counts the same as the swap says. */
    #[DataProvider('all')]
    public function test_the_swapped_recipe_reads_back_to_the_same_account(
        string $text,
        string $sweetener,
        string $school,
    ): void {
        $conversion = self::work($text, ['sweetener' => $sweetener, 'school' => $school]);
        $after = $conversion->after;
        $written = "Again\n".implode("\n", array_column($after->formula->doses, 'text'));
        $again = self::kernel()->account(self::again($written, $conversion, $after->formula->pieces));
        foreach (Convention::cases() as $convention) {
            self::assertEqualsWithDelta(
                $after->net($convention),
                $again->net($convention),
                1e-6,
            );
            self::assertEqualsWithDelta($after->netCarbs($convention)->u, $again->netCarbs($convention)->u, 1e-3);
        }
    }

    #[DataProvider('sweetnesses')]
    public function test_sweetness_follows_the_wish(float $wished): void
    {
        $conversion = self::work("Syrup\n1000 g sugar\n500 g water", ['sweetness' => $wished]);
        self::assertEqualsWithDelta($wished, $conversion->properties['sweetness']->ratio(), 0.02);
    }

    /** @return array<string, array{float}> */
    public static function sweetnesses(): array
    {
        return ['least' => [0.6], 'middle' => [0.9], 'as written' => [1.0], 'most' => [1.1]];
    }

    /** Common practice: coconut flour at a quarter to a third of the wheat flour, with more egg and liquid. */
    public function test_coconut_flour_is_a_quarter_to_a_third_and_brings_egg_and_water(): void
    {
        $after = self::work("Cake\n240 g flour\n200 g sugar\n2 eggs", ['school' => 'coconut'])->swap->after;
        self::assertEqualsWithDelta(0.29, $after->gramsOf('coconut-flour') / 240, 0.055);
        self::assertGreaterThan(100, $after->gramsOf('egg'));
        self::assertGreaterThan(0, $after->gramsOf('water'));
    }

    public function test_almond_flour_takes_some_of_the_butter_away_but_never_most(): void
    {
        $butter = static fn (string $grams): float => self::work(
            "Cake\n300 g flour\n$grams g butter\n200 g sugar\n2 eggs",
            ['school' => 'almond'],
        )->swap->after->gramsOf('butter');
        self::assertLessThan(200, $butter('200'));
        self::assertEqualsWithDelta(75, $butter('100'), 1);
    }

    /** Below, at and above the 0.3 g a piece under which a line is left alone: 3.93 g flour are 2.89 g net. */
    #[DataProvider('spoons')]
    public function test_a_line_that_costs_little_is_left_alone(int $pieces, bool $swapped): void
    {
        $conversion = self::work("Cheesecake\n500 g cream cheese\n1 tbsp flour", ['pieces' => $pieces]);
        self::assertSame($swapped, $conversion->swap->after->gramsOf('wheat-flour') === 0.0);
        if (! $swapped) {
            self::assertStringContainsString(
                'leave it',
                $conversion->swap->exchanges[0]->role === Role::Body
                    ? $conversion->swap->exchanges[0]->why
                    : $conversion->swap->exchanges[1]->why,
            );
        }
    }

    /** @return array<string, array{int, bool}> */
    public static function spoons(): array
    {
        return ['18 pieces: 0.31 g' => [17, true], '19 pieces: 0.29 g' => [20, false]];
    }

    public function test_low_carb_lines_stay_and_syrups_bring_their_water(): void
    {
        $conversion = self::work("Toffee\n200 g honey\n50 g erythritol\n10 g butter", []);
        self::assertSame(50.0, $conversion->swap->after->gramsOf('erythritol'));
        self::assertEqualsWithDelta(34, $conversion->swap->after->gramsOf('water'), 1);
    }

    /** Common practice: what draws water is kept off the outside; the coat is no part of the dough's bag. */
    public function test_sugar_for_the_outside_has_a_swap_of_its_own(): void
    {
        $dough = "Plum twists\nMakes 20\n200 g flour\n60 g sugar\n80 g butter\n1 egg\n%s\n\nMethod\nMix. Shape. Bake at 180 °C for 12 minutes.";
        $sweet = static fn (string $line): array => array_values(array_map(
            static fn ($e): array => array_map(static fn ($p): string => $p->food->key, $e->to),
            array_filter(self::work(sprintf($dough, $line))->swap->exchanges, static fn ($e): bool => $e->role === Role::Sweet),
        ));
        self::assertContains(['erythritol', 'monk-fruit-extract'], $sweet('50 g sugar, to coat'));
        self::assertCount(2, $sweet('50 g sugar, to coat'));
        self::assertCount(1, $sweet('50 g sugar'));
        self::assertCount(1, $sweet('50 g sugar + more for rolling'), 'what is named goes into the dough');
        self::assertContains(['erythritol', 'monk-fruit-extract'], $sweet("\nTo roll:\n50 g sugar\n1 tsp cinnamon"));
        self::assertNotContains(['erythritol', 'monk-fruit-extract'], $sweet("\nFor the roll:\n50 g sugar\n2 eggs"));
        self::assertContains(['erythritol'], $sweet("\nTopping:\n2 tsp sugar"), 'a tenth of a gram of extract would be half too much');
        self::assertContains(['erythritol-powdered'], $sweet('icing sugar, for dusting'), 'a spoon of it, and no real sugar');
        self::assertNotContains(['erythritol-powdered'], $sweet('50 g icing sugar'));
        $grain = static fn (string $line): float => self::work(sprintf($dough, $line))->properties['grain']->after;
        self::assertEqualsWithDelta($grain('1 g salt'), $grain("1 g salt\nicing sugar, for dusting"), 0.4, 'on top is no crumb');
        $jam = self::work(sprintf($dough, "80 g sugar, to coat\n150 g raspberry jam"))->swap;
        self::assertGreaterThan(20.0, $jam->after->gramsOf('allulose'), 'jam is sweetened out of the dough\'s bag');
    }

    /** Common practice: what is browned by itself is allulose; a top that is torched too. */
    public function test_sugar_that_is_browned_by_itself_is_allulose_alone(): void
    {
        $sweet = static fn (string $text): array => array_map(
            static fn ($e): array => array_map(static fn ($p): string => $p->food->key, $e->to),
            array_values(array_filter(self::work($text)->swap->exchanges, static fn ($e): bool => $e->role === Role::Sweet)),
        );
        $custard = "Plum custards\nServes 6\n500 ml cream\n6 egg yolks\n80 g sugar\n%s\n\nMethod\nWarm the cream, beat in yolks and the 80 g sugar. Bake at 150 °C for 35 minutes. %s";
        self::assertContains(['allulose', 'monk-fruit-extract'], $sweet(sprintf($custard, '4 tbsp demerara sugar for the top', 'Sprinkle the demerara on and grill till it bubbles.')));
        self::assertNotContains(['allulose', 'monk-fruit-extract'], $sweet(sprintf($custard, '4 tbsp demerara sugar for the top', 'Sprinkle the demerara on and serve.')));
        // Over a tart's fruit, of the only sugar, and however brown it is: erythritol would make no caramel.
        $tart = self::work("Turned tart\nServes 6\n600 g courgette\n100 g sugar\n100 g butter\n320 g puff pastry\n\nMethod\nMelt the sugar in a pan until deep amber, stir in the butter. Pack in the courgette. Drape the pastry over and bake at 200 °C for 35 minutes.");
        self::assertGreaterThan(40.0, $tart->swap->after->gramsOf('allulose'));
        self::assertSame(0.0, $tart->swap->after->gramsOf('erythritol-powdered') + $tart->swap->after->gramsOf('erythritol'));
        self::assertContains(['allulose', 'monk-fruit-extract'], $sweet("Plum flan\nServes 6\n120 g sugar\n500 ml milk\n4 eggs\n80 g sugar\n\nMethod\nMelt the 120 g sugar to an amber caramel. Beat milk, eggs and the 80 g sugar. Bake at 150 °C for 35 minutes."));
    }

    /** No hot sugar where nothing is heated. */
    public function test_what_is_only_kneaded_does_not_scald(): void
    {
        $keys = static fn (string $method): array => array_column(self::work("Peppermint creams\nMakes 40\n1 egg white\n350 g icing sugar\n\nMethod\n$method")->warnings, 'key');
        self::assertNotContains('hot', $keys('Whisk the white, work in the icing sugar, knead, roll and cut. Leave to dry.'));
        self::assertContains('hot', $keys('Boil the icing sugar with water, pour onto the white, whisk. Cut.'));
    }

    public function test_each_component_swaps_on_its_own(): void
    {
        $conversion = self::work(self::desserts()['hazelnut-raspberry-thumbprints'][0]);
        $filling = array_values(
            array_filter($conversion->swap->exchanges, static fn ($e): bool => $e->component === 1 && $e->changed),
        );
        self::assertSame('raspberries', $filling[0]->to[0]->food->key);
    }

    public function test_a_wish_out_of_range_or_unknown_is_refused(): void
    {
        foreach (
            [
                [['sweetness' => 0.5], InvalidArgumentException::class],
                [['school' => 'moss'], OutOfBoundsException::class],
                [['sweetener' => 'hope'], OutOfBoundsException::class],
            ] as [$wish, $fault]
        ) {
            try {
                self::work("A\n100 g sugar\n100 g flour", $wish);
                self::fail('it was taken');
            } catch (InvalidArgumentException|OutOfBoundsException $e) {
                self::assertInstanceOf($fault, $e);
            }
        }
    }

    /**
     * Common practice: allulose is right to 15 or 20 minutes and held back in longer, hotter bakes; a cooler oven
     * gives it back.
     */
    public function test_allulose_is_held_back_by_time_and_heat(): void
    {
        $allulose = static fn (int $minutes, float $cooler = 0): float => self::work(
            "Chewy cookies\nMakes 24 cookies\n150 g flour\n100 g butter\n100 g sugar\n1 egg\n\nMethod\nBake at 180 °C for $minutes minutes.",
            ['sweetener' => 'allulose', 'cooler' => $cooler],
        )->swap->after->gramsOf('allulose');
        self::assertSame($allulose(8), $allulose(14));
        self::assertLessThan($allulose(14), $allulose(22));
        self::assertLessThan($allulose(22), $allulose(40));
        self::assertGreaterThan($allulose(40), $allulose(40, 15));
        $conversion = self::work(
            "Chewy cookies\nMakes 24 cookies\n150 g flour\n100 g butter\n100 g sugar\n1 egg\n\nMethod\nBake at 180 °C for 40 minutes.",
            ['sweetener' => 'allulose'],
        );
        self::assertStringContainsString('too dark', $conversion->swap->exchanges[0]->to[0]->why);
        self::assertNotEmpty(
            array_filter(
                $conversion->swap->bindings,
                static fn ($b): bool => $b->row === 'browning' && str_contains($b->price, 'would allow'),
            ),
        );
    }

    /**
     * Solubility of erythritol at 25 °C: 37 g in 100 g of solution; smooth things stay below it where the blend
     * allows.
     */
    public function test_erythritol_stays_below_saturation_in_smooth_things_and_not_in_crisp_ones(): void
    {
        $grain = static fn (string $title): float => self::work("$title\n300 g cream cheese\n300 g sugar\n2 eggs", [
            'sweetener' => 'allulose-erythritol',
        ])->properties['grain']->after;
        self::assertLessThanOrEqual(0.95, $grain('Plain cheesecake'));
        self::assertLessThanOrEqual(0.75, $grain('Vanilla ice cream'));
    }

    public function test_a_blend_set_by_the_baker_holds_exactly(): void
    {
        $conversion = self::work("Syrup\n1000 g sugar\n500 g water", ['sweetness' => 1.0, 'shares' => [0.2, 0.7, 0.1]]);
        self::assertEqualsWithDelta(200 / 0.7, $conversion->swap->after->gramsOf('allulose'), 1);
        self::assertEqualsWithDelta(700 / 0.65, $conversion->swap->after->gramsOf('erythritol-powdered'), 1);
    }

    /** What is refused or not allowed is in no proposal, whatever the dessert, the sweetener or the school. */
    #[DataProvider('all')]
    public function test_refused_foods_and_allergens_never_come_in(
        string $text,
        string $sweetener,
        string $school,
    ): void {
        $conversion = self::work($text, [
            'sweetener' => $sweetener,
            'school' => $school,
            'without' => ['nuts', 'milk'],
            'refused' => ['erythritol-powdered', 'xanthan'],
        ]);
        foreach ($conversion->swap->exchanges as $exchange) {
            foreach ($exchange->changed ? $exchange->to : [] as $part) {
                $isWritten = in_array(
                    $part->food->key,
                    array_map(
                        static fn (int $i): ?string => $conversion->before->formula->doses[$i]->food?->key,
                        $exchange->from,
                    ),
                    true,
                );
                self::assertTrue(
                    $isWritten ||
                        array_intersect(
                            array_map(static fn (string $a): string => explode(':', $a)[0], $part->food->allergens),
                            ['nuts', 'milk'],
                        ) === [],
                    $part->food->key,
                );
                self::assertNotContains($part->food->key, ['erythritol-powdered', 'xanthan']);
            }
        }
    }

    /** Dairy-free, egg-free and nut-free: nothing of it is left, wherever a swap without it is known. */
    #[DataProvider('desserts')]
    public function test_a_dessert_without_milk_egg_or_nuts(string $text): void
    {
        foreach ([['milk'], ['egg'], ['nuts'], ['milk', 'egg', 'nuts']] as $without) {
            $conversion = self::work($text, ['without' => $without]);
            foreach ($conversion->swap->after->doses as $dose) {
                $found = array_intersect(
                    array_map(static fn (string $a): string => explode(':', $a)[0], $dose->food->allergens ?? []),
                    $without,
                );
                self::assertTrue(
                    $found === [] || in_array($dose->food->key, ['cream-cheese', 'sugar-free-chocolate'], true),
                    implode(', ', $without).": $dose->text",
                );
            }
        }
    }

    public function test_amounts_typed_in_and_lines_left_hold_through_every_other_change(): void
    {
        $text = "Loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g butter\n100 g milk";
        $milk = self::work($text)->recipe->lines[4]->key;
        foreach ([0.7, 1.0] as $sweetness) {
            $conversion = self::work($text, [
                'sweetness' => $sweetness,
                'amounts' => ['0:almond-flour' => 111.0],
                'left' => [$milk],
            ]);
            self::assertSame(111.0, $conversion->swap->after->gramsOf('almond-flour'));
            self::assertSame(100.0, $conversion->swap->after->gramsOf('milk'));
        }
    }

    /** Parts of a line with a swap of its own, and what the baker puts in on top, hold as well. */
    public function test_amounts_of_single_swaps_and_things_put_in_hold(): void
    {
        $text = "Ginger cake\nMakes 10 slices\n200 g brown sugar\n250 g flour\n3 eggs\n100 g butter\n250 g milk";
        $milk = self::work($text)->recipe->lines[4]->key;
        $conversion = self::work($text, [
            'amounts' => [
                (string) new AmountKey(0, 'heavy-cream', $milk) => 80.0,
                (string) new AmountKey(0, 'molasses', AmountKey::ADDED) => 7.0,
            ],
        ]);
        self::assertSame(80.0, $conversion->swap->after->gramsOf('heavy-cream'));
        self::assertSame(7.0, $conversion->swap->after->gramsOf('molasses'));
        self::assertEqualsWithDelta(
            0.9,
            $conversion->properties['sweetness']->ratio(),
            0.02,
            'what was put in sweetens too',
        );
        self::assertNotNull($conversion->swap->triangle);
        // 7 g of molasses hold 74.7 % carbohydrate: 5.2 g in ten slices.
        self::assertEqualsWithDelta(
            0.523,
            $conversion->side(Side::Written)->costOf(self::core()->larder->get('molasses'), 7.0),
            0.001,
        );
    }

    /** The piece holds no more than a stomach takes; where it cannot, the row is named and cutting smaller offered. */
    public function test_tolerance_is_kept_or_named_with_its_remedy(): void
    {
        $text = "Toffee loaf\nMakes %d slices\n300 g sugar\n300 g flour\n3 eggs\n150 g butter";
        $few = self::work(sprintf($text, 3), ['sweetener' => 'xylitol', 'sweetness' => 1.0]);
        $collision = $few->swap->collisions()[0] ?? null;
        self::assertSame('tolerance', $collision?->row);
        $enough = self::work(sprintf($text, (int) $collision->pieces), ['sweetener' => 'xylitol', 'sweetness' => 1.0]);
        self::assertSame([], $enough->swap->collisions());
        self::assertLessThanOrEqual(1.02, $enough->properties['tolerance']->after);
    }

    public function test_a_limit_that_nothing_meets_is_named(): void
    {
        $conversion = self::work("Loaf\nMakes 2 slices\n200 g sugar\n250 g flour\n3 eggs\n400 g blueberries", [
            'limit' => 3.0,
        ]);
        self::assertContains('carbs', array_column($conversion->swap->collisions(), 'row'));
    }

    public function test_starch_sold_as_grain_free_is_swapped_and_costs_show(): void
    {
        $tapioca = static fn (string $school): float => self::work(
            "Loaf\nMakes 8 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g butter",
            ['school' => $school],
        )->after->net(Convention::LowCarb);
        self::assertGreaterThan($tapioca('almond') + 3, $tapioca('starch-tolerant'));
    }

    /** What is dipped whole is not cut from something else, and there are as many as are dipped. */
    public function test_fruit_on_a_stick_stays_and_counts_the_pieces(): void
    {
        $list = "Toffee apples\n\n6 small apples\n300 g sugar\n75 ml water\n\nMethod\n";
        $whole = self::kernel()->convert(
            new Brief($list.'Push a stick in each apple. Boil the sugar and water to 150 °C. Dip the apples.'),
        )->swap;
        self::assertSame(6.0, (float) $whole->before->pieces);
        self::assertSame($whole->before->gramsOf('apple'), $whole->after->gramsOf('apple'));
        $cut = self::work($list.'Slice each apple thinly. Boil the sugar and water and add the apples.')->swap;
        self::assertSame(0.0, $cut->after->gramsOf('apple'));
    }

    /** @return array<string, array{string, bool}> method => whether the fruit stays */
    public static function cooked_fruit(): array
    {
        return [
            'poached' => ['Boil the wine and sugar, add the pears and poach the pears for 25 minutes.', true],
            'poached in halves' => ['Halve the pears. Poach them, 20 minutes. Keep the poached pears in the syrup.', true],
            'stuffed' => ['Chop the nuts. Stuff the pears with sugar and nuts and bake at 180 °C for 40 minutes.', true],
            'filled, a lid cut off' => ['Cut the top off each pear, fill the pears and bake at 180 °C for 40 minutes.', true],
            'cut for a pie dish' => ['Peel, core and slice the pears. Fill the dish with the pears and bake at 180 °C.', false],
            'cut up behind' => ['Fill a dish with the pears, peeled and cut into chunks; bake at 180 °C.', false],
        ];
    }

    #[DataProvider('cooked_fruit')]
    public function test_fruit_that_is_the_dessert_stays(string $method, bool $stays): void
    {
        $swap = self::work("Pears\nServes 6\n6 pears\n150 g sugar\n300 ml red wine\n50 g walnuts\n\nMethod\n$method")->swap;
        self::assertSame($stays ? $swap->before->gramsOf('pear') : 0.0, $swap->after->gramsOf('pear'));
    }

    public function test_starch_on_the_outside_is_powder_and_thickens_nothing(): void
    {
        $swap = self::work(
            "Soft sweets\nMakes 30\n20 g gelatine\n200 ml water\n300 g sugar\n\nTo coat\n50 g icing sugar\n50 g cornflour",
        )->swap;
        self::assertSame(0.0, $swap->after->gramsOf('xanthan') + $swap->after->gramsOf('cornflour'));
        $sauce = self::work("Sauce\nServes 6\n500 ml milk\n50 g sugar\n30 g cornflour\n\nMethod\nBoil until thick.")->swap;
        self::assertGreaterThan(0.0, $sauce->after->gramsOf('xanthan'));
    }

    public function test_what_thickens_a_filling_holds_no_crumb(): void
    {
        $swap = self::work(
            "Dump cake\nServes 12\n600 g cherry pie filling\n430 g yellow cake mix\n170 g butter, melted\n50 g pecans\n\nMethod\nTip the filling into a dish, sprinkle the cake mix over, drizzle with butter, top with nuts. Bake at 180 °C for 45 minutes.",
        )->swap;
        self::assertGreaterThan(100.0, $swap->after->gramsOf('almond-flour'));
    }

    public function test_toasted_nuts_bake_nothing_else(): void
    {
        $baked = static fn (string $method): bool => self::work(
            "Nut spread\nServes 20\n200 g hazelnuts\n100 g icing sugar\n60 ml milk\n\nMethod\n$method",
        )->swap->before->making->isBaked;
        self::assertFalse($baked('Roast the hazelnuts at 180 °C for 10 minutes. Blitz everything.'));
        self::assertFalse($baked('Toast the nuts in the oven for 8 minutes, cool. Blitz everything.'));
        self::assertTrue($baked('Toast the nuts. Mix everything and bake at 180 °C for 20 minutes.'));
        self::assertTrue($baked('Mix everything, pour into a tin. 900g tin, 160C, 1h 30.'));
    }
}
