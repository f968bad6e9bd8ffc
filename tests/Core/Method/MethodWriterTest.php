<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Conversion;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Method\PlannedStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Core\CoreCase;

/** The method after the swap names what is in the bowl, and nothing that is not. */
final class MethodWriterTest extends CoreCase
{
    private const LIST = "Plum cake\nMakes 12 slices\n200 g plain flour\n150 g caster sugar\n120 g butter\n3 large eggs\n1 tsp baking powder\n100 ml whole milk\n80 g raisins\n1 tsp vanilla extract";

    private static function converted(string $method, string $list = self::LIST): Conversion
    {
        return self::work("$list\n\nMethod\n$method", ['school' => 'almond', 'sweetener' => 'allulose-erythritol']);
    }

    /** @return list<string> */
    private static function texts(Conversion $conversion): array
    {
        return array_map(static fn (PlannedStep $s): string => $s->text(), $conversion->steps());
    }

    /** @param  list<string>  $says  patterns that the rewritten text has, in order */
    #[DataProvider('rewritings')]
    public function test_a_sentence_says_what_goes_in(string $sentence, array $says, string $never): void
    {
        $text = implode("\n", self::texts(self::converted("$sentence\nBake at 180 °C for 30 minutes.")));
        self::assertMatchesRegularExpression('~'.implode('.*', $says).'~su', $text);
        self::assertDoesNotMatchRegularExpression("~$never~iu", $text);
    }

    public function test_fruit_is_all_of_the_fruit(): void
    {
        $list =
            "Plum crumble\nServes 6\n4 apples\n200 g blackberries\n80 g sugar\n\nTopping\n150 g flour\n80 g butter\n60 g sugar";
        $text = implode(
            "\n",
            self::texts(
                self::converted(
                    "Toss the fruit with the sugar.\nRub the butter into the flour and sugar, and scatter it over.\nBake at 180 °C for 40 minutes.",
                    $list,
                ),
            ),
        );
        self::assertStringContainsString('courgette and blackberries', $text);
        self::assertStringNotContainsString('does not say', $text);
    }

    /** Behind a step that ends in the freezer nothing can be mixed in. */
    public function test_what_no_sentence_takes_comes_before_the_cold(): void
    {
        $list = "Plum ice\nServes 6\n400 g raspberries\n300 ml cream\n100 g sugar\n\nMethod\n";
        foreach (
            ['Whip the cream with the sugar. Freeze overnight.' => true, 'Whip the cream with the sugar.' => false] as $method => $isCold
        ) {
            $texts = self::texts(self::work($list.$method));
            $at = array_key_first(array_filter($texts, static fn (string $t): bool => str_contains($t, 'does not say')));
            self::assertSame($isCold, $at < array_key_last($texts), $method);
        }
    }

    /** One bag for two lines: each step takes its line's share, and together they are the bag. */
    public function test_a_bag_for_two_lines_is_shared_out_where_they_go_in(): void
    {
        $list = "Plum squares\nMakes 16\n200 g flour\n120 g butter\n1 egg\n100 g sugar\n400 g plums, sliced\n60 g sugar\n1 tsp cinnamon\n\nMethod\n";
        foreach (
            [
                ['Rub butter into the flour and %s, add the egg.', '100 g sugar', 'the remaining sugar', 100 / 160],
                ['Rub butter into the flour and %s, add the egg.', 'the 60 g sugar', 'the sugar', 60 / 160],
                ['Rub butter into the flour and %s, add the egg.', 'both sugars', 'the sugar', 1.0],
                ['Beat the egg with half of the sugar, rub in butter, flour and %s.', 'the remaining sugar', 'the 60 g sugar', 100 / 160],
            ] as [$first, $here, $there, $share]
        ) {
            $conversion = self::work(
                $list.sprintf($first, $here)."\nToss the plums with $there and cinnamon.\nBake at 180 °C for 35 minutes.",
            );
            $at = array_map(
                static fn ($step): float => array_sum(array_map(
                    static fn ($use): float => $use->food->role === Role::Sweet && $use->grams > 2 ? $use->grams : 0.0,
                    $step->uses,
                )),
                $conversion->steps(),
            );
            $at = array_values(array_filter($at));
            self::assertCount($share < 1.0 ? 2 : 1, $at, $here);
            self::assertEqualsWithDelta($share, $at[0] / array_sum($at), 0.02, $here);
            $bag = array_filter(
                $conversion->swap->after->doses,
                static fn ($d): bool => $d->food?->role === Role::Sweet && $d->mass() > 2,
            );
            $all = array_sum(array_map(static fn ($d): float => $d->mass(), $bag));
            self::assertEqualsWithDelta($all, array_sum($at), 1e-9, $here);
        }
    }

    public function test_a_white_that_is_named_by_itself_is_none_of_the_eggs(): void
    {
        $steps = self::work(
            "Quay cake\nServes 8\n200 g flour\n100 g butter\n80 g sugar\n3 eggs\n1 egg white\n\nMethod\nCream butter and sugar, beat in eggs, fold in flour.\nBake at 180 °C for 30 minutes.\nBrush with egg white.",
            ['school' => 'almond-coconut'],
        )->steps();
        foreach ($steps as $step) {
            $isWhite = in_array('egg-white', array_map(static fn ($u): string => $u->food->key, $step->uses), true);
            self::assertSame(str_starts_with($step->text(), 'Brush'), $isWhite, $step->text());
        }
    }

    public function test_an_egg_that_came_beside_a_yolk_is_said(): void
    {
        $text = implode("\n", self::texts(self::work(
            "Quay cake\nServes 8\n200 g flour\n100 g butter\n80 g sugar\n1 egg yolk\n2 tbsp water\n\nMethod\nRub the butter into the flour and sugar, bind with the yolk and water.\nBake at 180 °C for 30 minutes.",
            ['school' => 'almond-coconut'],
        )));
        self::assertStringContainsString('the yolk (now with egg) and water', $text);
    }

    public function test_what_froths_no_more_is_not_told(): void
    {
        $text = implode("\n", self::texts(self::work(
            "Oat rounds\nMakes 24\n100 g flour\n100 g ground almonds\n150 g brown sugar\n120 g butter\n2 tbsp water\n1/2 tsp bicarb\n\nMethod\nMix flour, almonds and sugar. Melt the butter. Mix the bicarb with the water and add. It'll froth. Roll into balls.\nBake at 160 °C for 12 minutes.",
        )));
        self::assertStringContainsString('Take the water and add. Roll', ucfirst($text));
        self::assertStringNotContainsString('froth', $text);
    }

    public function test_of_two_with_a_sign_between_the_one_that_goes_takes_it_along(): void
    {
        $text = implode("\n", self::texts(self::work(
            "Cinder toffee\nMakes 20 pieces\n200 g caster sugar\n100 g golden syrup\n8 g bicarb\n\nMethod\nStir sugar & syrup over gentle heat until melted. Simmer to 150 °C. Beat in the bicarb.",
        )));
        self::assertStringContainsString('water over gentle heat', $text);
        self::assertStringNotContainsString('&', $text);
    }

    public function test_what_two_things_bring_is_said_once(): void
    {
        $list =
            "Plum parkin\nMakes 12\n250 g self-raising flour\n1 tsp baking powder\n100 g treacle\n100 g brown sugar\n120 g butter\n2 eggs";
        $text = implode(
            "\n",
            self::texts(
                self::converted(
                    "Melt the treacle, sugar and butter.\nMix in the flour and baking powder, then the eggs.\nBake at 160 °C for 50 minutes.",
                    $list,
                ),
            ),
        );
        self::assertMatchesRegularExpression('~Melt the [^.;]*erythritol[^.;]* and butter~u', $text);
        self::assertDoesNotMatchRegularExpression(
            '~(?:allulose[^.;]*allulose|sweetener[^.;]*|baking powder[^.;]*baking powder)[^.;]*\.\s*(?:Mix|Bake)~u',
            $text,
        );
    }

    /** @param  list<string>  $says  patterns */
    #[DataProviderExternal(Bowls::class, 'bowls')]
    public function test_what_is_really_in_the_bowl_is_said(string $list, string $method, array $says, string $never): void
    {
        $text = implode("\n", self::texts(self::converted($method, $list)));
        foreach ($says as $pattern) {
            self::assertMatchesRegularExpression("~$pattern~u", $text);
        }
        self::assertDoesNotMatchRegularExpression("~$never~u", $text);
    }

    /** @return array<string, array{string, list<string>, string}> */
    public static function rewritings(): array
    {
        return [
            'sugar by name' => [
                'Cream the butter and sugar until pale.',
                ['Cream the butter and allulose, powdered erythritol', ' until pale'],
                '(?<!without )\bsugar\b',
            ],
            'with its adjective' => [
                'Beat the white caster sugar with the eggs.',
                ['Beat the allulose'],
                'caster|(?<!without )\bsugar\b',
            ],
            'the second time shorter' => [
                "Whisk half of the sugar with the eggs.\nAdd the remaining sugar.",
                ['allulose', 'remaining sweetener'],
                '(?<!without )\bsugar\b',
            ],
            'flour with its binder' => ['Fold in the flour.', ['almond flour'], 'plain flour'],
            'milk of two' => ['Loosen with the milk.', ['whipping cream and water'], '\bmilk\b'],
            'a group' => [
                'Whisk the dry ingredients.',
                ['dry ingredients \(now with .*allulose'],
                '(?<!without )\bsugar\b',
            ],
            'a mixture' => [
                "Melt the sugar with the butter.\nStir the sugar mixture into the flour.",
                ['allulose', 'sweetener mixture'],
                '(?<!without )\bsugar\b',
            ],
            'sugar as a verb' => [
                "Butter and sugar 6 ramekins.\nWhisk the eggs and sugar.",
                ['sweeten 6 ramekins', 'eggs and allulose'],
                '(?<!without )\\bsugar\\b',
            ],
            'sugar of no line' => [
                "Beat the sugar with the butter.\nTurn out onto sugared paper.",
                ['sweetened paper'],
                '(?<!without )\bsugar',
            ],
        ];
    }

    public function test_what_stays_is_not_touched_and_what_changed_keeps_its_old_words(): void
    {
        [$step] = array_values(
            array_filter(
                self::converted("Cream the butter and sugar.\nBake at 180 °C for 30 minutes.")->steps(),
                static fn (PlannedStep $s): bool => ! $s->isAdded(),
            ),
        );
        self::assertSame(['sugar'], array_values(array_filter(array_column($step->pieces, 'was'))));
        self::assertSame('Cream the butter and sugar.', $step->written);
    }

    public function test_what_no_sentence_takes_gets_its_moment_and_is_said_to_be_ours(): void
    {
        $steps = self::converted(
            "Cream the butter and sugar. Beat in the eggs.\nFold in the flour and baking powder and stir in the milk.\nBake at 180 °C for 30 minutes.",
        )->steps();
        $added = implode("\n", array_map(static fn (PlannedStep $s): string => $s->isAdded() ? $s->text() : '', $steps));
        self::assertStringContainsString('The method does not say when the vanilla extract', $added);
        self::assertStringNotContainsString('flour', str_replace('the flour drinks', '', $added));
    }

    /** Every gram of the swapped list goes in at a step, once. */
    #[DataProvider('desserts')]
    public function test_every_dose_is_used_up_once(string $text): void
    {
        $conversion = self::work($text);
        $used = [];
        foreach ($conversion->steps() as $step) {
            foreach ($step->uses as $use) {
                $used[$use->food->key] = ($used[$use->food->key] ?? 0.0) + $use->grams;
            }
        }
        $there = [];
        foreach ($conversion->after->formula->doses as $dose) {
            if ($dose->food !== null && $dose->grams !== null) {
                $there[$dose->food->key] = ($there[$dose->food->key] ?? 0.0) + $dose->mass();
            }
        }
        ksort($used);
        ksort($there);
        self::assertSame(array_keys($there), array_keys($used));
        foreach ($there as $food => $grams) {
            self::assertEqualsWithDelta($grams, $used[$food], 0.01, $food);
        }
    }

    /** Nothing that left the list is named by a step. */
    #[DataProvider('desserts')]
    public function test_no_step_names_sugar_where_none_is_left(string $text): void
    {
        $conversion = self::work($text);
        foreach ($conversion->after->formula->doses as $dose) {
            if (preg_match('~\bsugar\b~i', $dose->text) === 1 && preg_match('~sugar-free~i', $dose->text) !== 1) {
                self::assertNotNull($dose->food);

                return;
            }
        }
        foreach (self::texts($conversion) as $step) {
            self::assertDoesNotMatchRegularExpression('~(?<!without )\bsugar(?!-free)\b~i', $step);
        }
    }

    public function test_what_was_made_first_has_its_name_again(): void
    {
        $texts = self::texts(
            self::converted(
                'Spread with the jam.',
                "Bars\nMakes 12 bars\n200 g flour\n100 g sugar\n100 g butter\n200 g raspberry jam",
            ),
        );
        self::assertStringStartsWith('First the jam:', $texts[0]);
        self::assertContains('Spread with the jam.', $texts);
    }

    public function test_a_part_that_no_sentence_mixes_is_mixed_before_it_is_needed(): void
    {
        $texts = self::texts(
            self::work(
                "Lemon pie\nMakes 8 slices\nCrust: 150 g flour, 75 g butter, 30 g water\nFilling:\n200 g sugar\n3 egg yolks\n100 g lemon juice\n\nMethod\nBlind bake the crust at 190 °C for 15 minutes.\nWhisk the sugar with the yolks and lemon juice and cook until thick.",
                ['school' => 'almond'],
            ),
        );
        self::assertStringStartsWith('The Crust, as is usual. Whisk the almond flour', $texts[0]);
        self::assertStringContainsString('butter', $texts[0]);
        self::assertStringNotContainsString('does not say', implode(' ', $texts));
    }

    public function test_jam_is_done_by_other_signs(): void
    {
        $texts = implode(
            "\n",
            self::texts(
                self::work(
                    "Plum jam\nMakes 4 jars\n1 kg plums\n800 g sugar\n\nMethod\nSimmer the plums. Add the sugar and boil to 105 °C until it wrinkles. Keeps for a year.",
                ),
            ),
        );
        self::assertStringNotContainsString('105', $texts);
        self::assertStringContainsString('until it wrinkles', $texts);
        self::assertStringNotContainsString('a year', $texts);
    }
}
