<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Swap\KitchenLimits;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class BakePlannerTest extends CoreCase
{
    public function test_the_oven_goes_lower_for_nut_flour_and_as_far_as_the_baker_wishes(): void
    {
        $lower = static fn (string $body, float $cooler): float => self::work(
            "Cake\n$body\n200 g sugar\n2 eggs\n\nMethod\nBake at 180 °C for 40 minutes.",
            ['cooler' => $cooler],
        )->swap->oven->loweredByCelsius;
        self::assertSame(
            [10.0, 20.0, 0.0],
            [$lower('200 g flour', 0), $lower('200 g flour', 10), $lower('200 g ground almonds', 0)],
        );
    }

    public function test_the_dough_drinks_before_its_own_bake_and_not_before_the_fruit_s(): void
    {
        $steps = self::work(
            "Cobbler\nServes 6\n600 g plums\n60 g sugar\n\nTopping\n150 g flour\n50 g sugar\n2 tsp baking powder\n80 g butter\n60 ml water\n\nMethod\nToss the plums with the sugar and bake at 200 °C for 10 minutes.\nRub the butter into the flour, sugar and baking powder, stir in the water. Drop it over the plums.\nBake for 30 minutes more.",
        )->steps();
        $texts = array_map(static fn (PlannedStep $s): string => $s->text(), $steps);
        $at = array_key_first(preg_grep('~the flour drinks~', $texts) ?: []);
        self::assertSame(array_key_last($texts) - 1, $at, implode("\n", $texts));
        self::assertStringContainsString('Bake for 35 minutes more', $texts[$at + 1]);
    }

    public function test_a_cake_is_left_before_it_goes_on_the_rack(): void
    {
        $last = static fn (string $end): string => implode("\n", array_map(
            static fn (PlannedStep $s): string => $s->text(),
            self::work("Quay cookies\nMakes 20\n200 g flour\n100 g sugar\n100 g butter\n1 egg\n\nMethod\nMix. Bake at 180 °C for 12 minutes.$end")->steps(),
        ));
        self::assertStringContainsString('Before it goes on the rack leave it where it is', $last(' Cool on a rack.'));
        self::assertStringContainsString("\nLeave it where it is for", $last(''));
    }

    #[DataProvider('steps')]
    public function test_a_step_says_the_new_heat_and_time_once_and_keeps_the_old(string $step, string $new): void
    {
        $steps = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\n$step", [
            'sweetener' => 'erythritol',
            'school' => 'almond',
        ])->steps();
        self::assertSame($new, $steps[0]->text());
    }

    /** @return array<string, array{string, string}> */
    public static function steps(): array
    {
        return [
            'both scales' => ['Heat the oven to 350°F (175°C).', 'Heat the oven to 330 °F / 165 °C.'],
            'one scale' => ['Bake at 180 °C for 20-25 minutes.', 'Bake at 170 °C for 22 to 28 minutes.'],
            'fan' => ['Heat the oven to 160 °C fan.', 'Heat the oven to 150 °C fan (170 °C without fan).'],
            'gas mark' => ['Heat the oven to gas mark 4.', 'Heat the oven to 165 °C.'],
            'gas mark below one' => ['Reduce the heat to gas mark 1/4.', 'Reduce the heat to 95 °C.'],
            'cooled in the oven' => [
                'Bake for 20 minutes and leave to cool in the oven for 2 hours.',
                'Bake for 22 minutes and leave to cool in the oven for 2 hours.',
            ],
            'left in the oven to cool' => [
                'Leave in the oven with the door ajar for 1 hour, then chill overnight.',
                'Leave in the oven with the door ajar for 1 hour, then chill overnight.',
            ],
            'baked, then chilled' => [
                'Bake for 20 minutes, then chill for 2 hours.',
                'Bake for 22 minutes, then chill for 2 hours.',
            ],
            'let stand before baking' => [
                'Let it stand for 10 minutes, then bake 30 minutes.',
                'Let it stand for 10 minutes, then bake 35 minutes.',
            ],
            'no oven' => ['Chill for 2 hours.', 'Chill for 2 hours.'],
        ];
    }

    public function test_the_old_heat_is_struck_out_as_it_was_written(): void
    {
        foreach (
            [
                'Heat the oven to 180 °C (160 °C fan).' => '180 °C (160 °C fan)',
                'Heat the oven to 350°F (175°C).' => '350°F (175°C)',
            ] as $step => $was
        ) {
            $planned = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\n$step", ['school' => 'almond'])
                ->steps()[0];
            self::assertSame($was, implode('', array_column($planned->pieces, 'was')));
        }
    }

    public function test_coconut_rests_and_sweetener_cools(): void
    {
        $steps = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.", [
            'school' => 'coconut',
        ])->steps();
        self::assertSame([false, true, false, true], array_map(static fn ($s): bool => $s->isAdded(), $steps));
        $cooled = self::work(
            "Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.\nCool in the tin for 15 minutes.",
            ['school' => 'coconut'],
        )->steps();
        self::assertSame(
            [false, true, false, false],
            array_map(static fn ($s): bool => $s->isAdded(), $cooled),
            'not said twice',
        );
        $rolled = self::work(
            "Walnut roulade\n100 g flour\n100 g sugar\n4 eggs\n\nMethod\nBake at 180 °C for 12 minutes.\nTurn out and roll up warm.",
            ['school' => 'almond'],
        )->steps();
        self::assertSame(
            [false, false],
            array_map(static fn ($s): bool => $s->isAdded(), $rolled),
            'what is rolled warm does not wait',
        );
    }

    public function test_the_rest_comes_between_the_mixing_and_the_oven(): void
    {
        $texts = static fn (string $method): array => array_map(
            static fn (PlannedStep $s): string => ($s->isAdded() ? '+' : '').$s->text(),
            self::work("Loaf\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\n$method", [
                'school' => 'coconut',
                'sweetener' => 'erythritol',
            ])->steps(),
        );
        $wait = '+Let it stand for 10 minutes before it is baked: the flour drinks.';
        $cool = '+Leave it where it is for 10 minutes before moving it: without sugar it is fragile while hot.';
        self::assertSame(
            ['Heat the oven to 330 °F / 165 °C. Stir (now with coconut flour, water, psyllium husk, powdered erythritol and monk fruit extract).', $wait, 'Bake for approx. 22 minutes.', $cool],
            $texts('Heat the oven to 350 °F. Stir. Bake for approx. 20 minutes.'),
        );
        self::assertContains($wait, array_slice($texts('Beat the eggs and sugar, fold in the flour. 24cm, 180 °C 55 min.'), 1, 1), 'a sentence may begin with a number');
        self::assertSame(
            [
                'Stir, let it stand for 10 minutes (the flour drinks), then bake at 330 °F / 165 °C for 22 minutes.',
                $cool,
            ],
            $texts('Stir and bake at 350 °F for 20 minutes.'),
        );
    }

    /** @param  list<string>  $added what the plan says beside the method */
    #[DataProvider('waits')]
    public function test_nobody_waits_twice_and_a_foam_does_not_wait(string $title, string $method, array $added): void
    {
        $steps = self::work("$title\n200 g flour\n200 g sugar\n4 eggs\n\nMethod\n$method", [
            'school' => 'coconut',
            'sweetener' => 'erythritol',
        ])->steps();
        self::assertSame(
            $added,
            array_map(
                static fn (PlannedStep $s): string => strtok($s->text(), ' '),
                array_values(array_filter($steps, static fn (PlannedStep $s): bool => $s->isAdded())),
            ),
        );
    }

    /** @return array<string, array{string, string, list<string>}> */
    public static function waits(): array
    {
        return [
            'batter' => ['Plain cake', "Whisk for 12 minutes.\nBake at 180 °C for 30 minutes.", ['Let', 'Leave']],
            'chilled before' => [
                'Plain cake',
                "Chill the dough for 30 minutes.\nBake at 180 °C for 30 minutes.",
                ['Leave'],
            ],
            'overnight' => ['Plain cake', "Mix and chill overnight.\nBake at 180 °C for 30 minutes.", ['Leave']],
            'chilled too short' => [
                'Plain cake',
                "Chill for 2 minutes.\nBake at 180 °C for 30 minutes.",
                ['Let', 'Leave'],
            ],
            'cooled where it is' => [
                'Plain cake',
                "Mix.\nBake at 180 °C for 30 minutes. Leave in the tin until completely cold.",
                ['Let'],
            ],
            'foam' => ['Whisked sponge', "Whisk.\nBake at 180 °C for 12 minutes.", []],
        ];
    }

    /** What came out of a tin is made first, from the grams that the swap gives, boiled down to what the tin held. */
    public function test_what_the_swap_makes_is_a_step_of_the_method(): void
    {
        $conversion = self::work(
            "Fudge\n1 (14 oz) can sweetened condensed milk\n50 g butter\n\nMethod\n1. Boil and beat.",
        );
        $made = $conversion->steps()[0];
        self::assertTrue($made->isAdded());
        self::assertStringContainsString('about 397 g are left', $made->text());
        foreach ($conversion->swap->exchanges[0]->to as $part) {
            self::assertStringContainsString(
                rtrim(rtrim(number_format($part->grams, 2, '.', ''), '0'), '.').
                    ' g '.
                    mb_strtolower($part->food->name),
                $made->text(),
            );
        }
        self::assertSame('Boil and beat.', $conversion->steps()[1]->text());
        self::assertMatchesRegularExpression(
            '~toast \d+ g almond flour in a dry pan~',
            self::work("Strudel\n100 g breadcrumbs\n50 g butter\n50 g sugar\n\nMethod\n1. Mix.", [
                'school' => 'almond',
            ])->steps()[0]->text(),
        );
        self::assertCount(
            1,
            self::work("Fudge\n200 g cream\n50 g butter\n50 g sugar\n\nMethod\n1. Boil and beat.")->steps(),
            'nothing was in a tin',
        );
    }

    public function test_every_preparation_belongs_to_a_swap_and_names_its_parts(): void
    {
        $swapped = array_count_values(array_column(self::tables()->rows('single_swaps'), 'from'));
        foreach (self::tables()->rows('preparations') as $row) {
            self::assertGreaterThan(0, $swapped[$row['food']] ?? 0, $row['food']);
            self::assertSame(
                [1, 1],
                [
                    substr_count($row['does'], '{parts}'),
                    preg_match('~^[^{}]*(?:\{(?:parts|grams)\}[^{}]*)+$~', $row['does']),
                ],
            );
        }
    }

    public function test_the_mix_waits_behind_its_own_mixing(): void
    {
        $steps = self::kernel()->convert(
            self::brief(
                "Pear cobbler\nServes 6\n\nFilling\n800 g pears\n100 g sugar\n\nTopping\n150 g flour\n80 g butter\n50 ml water\n\nToss the filling in a dish and bake 10 minutes at 210 C. Meanwhile combine the flour and butter, stir in the water. Drop over the pears. Bake 30 minutes.",
            ),
        )->steps();
        $texts = array_map(static fn ($s): string => $s->text(), $steps);
        $waits = array_key_first(
            array_filter($texts, static fn (string $t): bool => str_contains($t, 'the flour drinks')),
        );
        self::assertStringContainsString('stir in the water', implode(' ', array_slice($texts, 0, $waits)));
        self::assertStringStartsWith('Bake', $texts[$waits + 1]);
    }

    public function test_the_sauce_is_the_toffee_sauce_and_is_made_once(): void
    {
        $steps = self::kernel()->convert(
            self::brief(
                "Date squares\nServes 6\n\n150 g flour\n100 g butter\n2 eggs\n\nFor the toffee sauce\n100 g brown sugar\n50 g butter\n150 ml double cream\n\nBeat the butter, eggs and flour. Bake at 180 C for 30 minutes.\nPut all the sauce ingredients in a pan, bubble for 3 minutes.",
            ),
        )->steps();
        $text = implode(' ', array_map(static fn ($s): string => $s->text(), $steps));
        self::assertStringNotContainsString('as is usual', $text);
        self::assertStringContainsString('sauce ingredients (now with', $text);
    }

    /** A fan oven stands 20 °C lower, a gas mark is 25 °F (common practice). */
    public function test_a_kitchen_says_heats_in_its_own_way_and_bakes_in_its_own_appliance(): void
    {
        $text =
            "Gate biscuits\nMakes 20 biscuits\n\n100 g butter\n80 g sugar\n160 g flour\n\nHeat the oven to 180 C. Rub together and roll out. Bake for 20 minutes.";
        $said = static fn (string $heats, string $appliance = ''): string => implode(
            ' ',
            array_map(
                static fn ($s): string => $s->text(),
                self::kernel()->convert(
                    self::brief($text, ['appliance' => $appliance])->wishing(kitchen: new KitchenLimits(heats: $heats)),
                )->steps(),
            ),
        );
        self::assertStringContainsString('to 170 °C', $said(''));
        self::assertStringContainsString('to 340 °F.', $said('fahrenheit'));
        self::assertStringContainsString('to 150 °C fan.', $said('fan'));
        self::assertStringContainsString('to gas mark 4.', $said('gas'));
        self::assertStringContainsString('Heat the air fryer to 150 °C', $said('', 'air-fryer'));
        self::assertStringContainsString(
            '18 minutes',
            $said('', 'air-fryer'),
            'a tenth longer for nut flour, four fifths in the air fryer',
        );
    }

    public function test_what_the_swap_asks_for_beside_the_recipe_stands_at_its_moment_with_its_reason(): void
    {
        $texts = static fn (string $text): array => array_map(
            static fn ($s): string => $s->text(),
            self::kernel()->convert(self::brief($text))->steps(),
        );
        $jelly = $texts(
            "Berry cream\nServes 4\n\n300 ml cream\n60 g sugar\n2 tsp powdered gelatine\n\nWarm the cream with the sugar. Stir in the gelatine. Chill for 3 hours.",
        );
        self::assertStringContainsString('swell for 5 minutes', $jelly[0]);
        $loaf =
            "Barn loaf\nServes 10\n\n200 g flour\n150 g sugar\n100 g butter\n3 eggs\n2 tsp baking powder\n\nMix it all. Bake at 180 C for 50 minutes.";
        self::assertStringContainsString('after 35 minutes', implode(' ', $texts($loaf)));
        $tasks = self::kernel()->dish(self::kernel()->convert(self::brief($loaf)))->tasks;
        self::assertNotContains(35, array_map(static fn ($t): int => $t->typical, $tasks), 'a glance is no wait');
        self::assertStringNotContainsString(
            'foil',
            implode(' ', $texts(str_replace('50 minutes', '25 minutes', $loaf))),
        );
    }

    public function test_a_method_of_three_words_gets_the_usual_mixing(): void
    {
        $texts = array_map(
            static fn ($s): string => $s->text(),
            self::kernel()->convert(
                self::brief(
                    "Envelope muffins\nMakes 12\n\n2 cups flour\n2/3 cup sugar\n2 eggs\n1 cup yogurt\n\n400° 15-18 min.",
                ),
            )->steps(),
        );
        self::assertStringStartsWith('As is usual: ', $texts[0]);
        self::assertMatchesRegularExpression('~minutes~', (string) end($texts));
    }

    public function test_soda_whose_acid_went_becomes_baking_powder(): void
    {
        $conversion = self::kernel()->convert(
            self::brief(
                "Cocoa drops\nMakes 30 cookies\n\n250 g flour\n1 tsp baking soda\n200 g dark brown sugar\n150 g butter\n1 egg\n\nCream the butter and sugar, beat in the egg, stir in the flour and baking soda. Bake at 180 C for 11 minutes.",
            ),
        );
        self::assertEqualsWithDelta(0.0, $conversion->after->formula->gramsOf('baking-soda'), 1.0);
        self::assertGreaterThan(5.0, $conversion->after->formula->gramsOf('baking-powder'));
        self::assertStringContainsString(
            'and baking powder',
            implode(' ', array_map(static fn ($s): string => $s->text(), $conversion->steps())),
        );
        $kept = self::kernel()->convert(
            self::brief(
                "Buttermilk loaf\nMakes 10\n\n250 g flour\n1 tsp baking soda\n100 g sugar\n60 g butter\n20 g vinegar\n250 ml buttermilk\n\nMix. Bake at 180 C for 40 minutes.",
            ),
        );
        self::assertGreaterThan(2.0, $kept->after->formula->gramsOf('baking-soda'), 'as much stays as finds an acid');
    }

    /** Common practice: about 6 g of baking powder for 100 g of flours; what self-raising flour brought counts. */
    public function test_no_more_powder_than_the_chosen_flours_hold(): void
    {
        $after = self::work("Quay scones\nMakes 10\n450 g self-raising flour\n5 g baking powder\n75 g butter\n50 g sugar\n2 eggs\n225 ml milk\n\nRub, mix, cut. Bake at 220 °C for 13 minutes.")->swap->after;
        $flours = array_filter($after->doses, static fn ($d): bool => $d->food?->role === Role::Body);
        $mass = array_sum(array_map(static fn ($d): float => $d->mass(), $flours));
        self::assertGreaterThan(150.0, $mass);
        self::assertEqualsWithDelta(0.06 * $mass, $after->gramsOf('baking-powder'), 1.2);
    }

    public function test_powder_for_the_soda_goes_onto_the_powder_that_the_recipe_has(): void
    {
        $text = "Plum pancakes\nMakes 12\n240 g flour\n30 g sugar\n%s g baking powder\n5 g baking soda\n400 ml buttermilk\n2 eggs\n60 g butter\n\nMix. Fry on a griddle 2 minutes a side.";
        foreach ([9, 4] as $grams) {
            $conversion = self::work(sprintf($text, $grams));
            $powders = array_filter(
                $conversion->swap->after->doses,
                static fn ($d): bool => $d->food?->key === 'baking-powder',
            );
            self::assertCount(1, $powders, "$grams g");
            self::assertGreaterThan($grams, array_values($powders)[0]->mass());
        }
    }

    public function test_what_bakes_alone_first_bakes_longer_in_the_lower_oven_too(): void
    {
        $texts = implode("\n", array_map(static fn ($s): string => $s->text(), self::work(
            "Plum bars\nMakes 16\nCrust\n120 g flour\n110 g butter\n30 g icing sugar\nFilling\n2 eggs\n200 g sugar\n15 g flour\n60 g lemon juice\n\nMethod\nHeat oven 180 °C. Crust: mix and press into a tin. Bake 20 min. Beat filling, pour over hot crust. Bake 25 min.",
        )->steps()));
        self::assertStringContainsString('Bake 22 minutes', $texts);
        self::assertStringContainsString('Bake 28 minutes', $texts);
        self::assertMatchesRegularExpression('~Crust \(now with almond flour[^)]*\): mix~', $texts);
    }

    public function test_the_wait_stands_between_strokes_of_its_own(): void
    {
        $steps = self::work(
            "Profiteroles\nMakes 24\n75 ml water\n75 ml milk\n70 g butter\n90 g strong white flour\n3 eggs\n\nMethod\nBring water, milk and butter to a boil. Tip in the flour, beat over heat. Beat in eggs.\nPipe 24 blobs; bake at 200 °C for 22 minutes.",
        )->steps();
        self::assertStringContainsString('Pipe 24 blobs, let it stand for', end($steps) === false ? '' : end($steps)->text());
    }
}
