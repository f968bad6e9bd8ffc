<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Brief;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class SectionReaderTest extends CoreCase
{
    #[DataProvider('rows')]
    public function test_an_ingredient_is_told_from_everything_else(string $row, bool $isIngredient): void
    {
        self::assertSame($isIngredient, self::core()->reading()->signs->isIngredient($row), $row);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function rows(): iterable
    {
        foreach (
            [
                '2 cups sugar',
                '½ tsp salt',
                '- 3 eggs',
                '• 1 stick butter',
                'a pinch of salt',
                'Juice of 1 lemon',
                '1. 200 g flour',
                'one egg',
                'about 2 tbsp milk',
                'Butter 100 g',
                'Eggs: 3',
                'half a lemon',
                '1 (8 oz) package cream cheese',
                'zest of 2 oranges',
                'a handful of nuts',
            ] as $row
        ) {
            yield "ingredient: $row" => [$row, true];
        }
        foreach (
            [
                'Mix the sugar with 2 eggs.',
                'Bake for 40 minutes',
                '30 minutes',
                '1. Preheat the oven to 180 °C',
                'Step 2: fold in the flour',
                'For the glaze:',
                'Cardamom loaf',
                'Method',
                'Serve warm.',
                '',
            ] as $row
        ) {
            yield "not one: $row" => [$row, false];
        }
    }

    /** With headings, without, with notes and times between: the parts come out the same. */
    #[DataProvider('layouts')]
    public function test_the_same_recipe_however_it_is_laid_out(string $text): void
    {
        $sorted = self::core()->reading()->sections->sections(
            array_values(array_filter(array_map(trim(...), explode("\n", $text)))),
        );
        self::assertSame('Plum squares', $sorted->title);
        self::assertStringContainsString('16', $sorted->yield);
        self::assertSame(
            ['200 g flour', '100 g butter', '400 g plums', '2 tbsp honey'],
            array_column($sorted->ingredients, 'text'),
        );
        self::assertSame([0, 0, 1, 1], array_column($sorted->ingredients, 'component'));
        self::assertSame(['', 'Topping'], $sorted->components);
        self::assertSame(['Rub the butter into the flour.', 'Bake for 30 minutes.'], $sorted->steps);
    }

    /** @return array<string, array{string}> */
    public static function layouts(): array
    {
        return [
            'headed' => [
                "Plum squares\nMakes 16 squares\nIngredients\n200 g flour\n100 g butter\nFor the topping:\n400 g plums\n2 tbsp honey\nMethod\n1. Rub the butter into the flour.\n2. Bake for 30 minutes.",
            ],
            'bare' => [
                "Plum squares\nMakes 16 squares\n200 g flour\n100 g butter\nTopping:\n400 g plums\n2 tbsp honey\nRub the butter into the flour.\nBake for 30 minutes.",
            ],
            'with times and notes' => [
                "# Plum squares\nPrep time: 10 min\nCook time: 30 min\nServes 16\nYou will need\n200 g flour\n100 g butter\nFor the topping\n400 g plums\n2 tbsp honey\nDirections:\nStep 1. Rub the butter into the flour.\nStep 2. Bake for 30 minutes.\nNotes\nKeeps 3 days.\n1 cup of tea goes well with it",
            ],
            'bulleted' => [
                "Title: Plum squares\nYield: 16\nIngredients:\n200 g flour\n100 g butter\nFOR THE TOPPING:\n400 g plums\n2 tbsp honey\nInstructions\n- Rub the butter into the flour.\n- Bake for 30 minutes.",
            ],
        ];
    }

    public function test_parts_that_stand_in_one_row_each(): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Espresso cups (6)',
            'sponge: 3 eggs, 60 g powdered erythritol',
            'custard lid: 250 g mascarpone, 200 ml cream',
            'Whisk it all.',
        ]);
        self::assertSame(
            6.0,
            (float) self::kernel()->read(new Brief("Espresso cups (6)\n\n3 eggs\n60 g sugar\n\nMix."))->pieces,
        );
        self::assertSame(['sponge', 'custard lid'], array_map(mb_strtolower(...), $sorted->components));
        $long = self::core()->reading()->sections->sections(['Plum tart', 'For the sweet pastry: 250g plain flour, 125g butter, 1 egg', 'For the filling: 200g butter, 3 eggs', 'Mix it all.', 'Click out small heaps, 6 per tray.']);
        self::assertSame(['sweet pastry', 'filling'], array_map(mb_strtolower(...), $long->components));
        self::assertCount(2, $long->steps);
        $added = self::core()->reading()->sections->sections(['Plum biscuits', 'Wet', '2 eggs', 'Add-ins', '100 g plums', 'Mix. Bake.']);
        self::assertSame([''], $added->components, 'one dough, in the order of mixing');
        self::assertCount(2, $added->ingredients);
        $numbered = self::core()->reading()->sections->sections(['Plum biscuits', '1 egg', '100 g flour', '1 Beat the egg. Add the flour, mix.', '2 Scoop 24, 5 cm apart. Bake 10 min.', '2 Cream crackers, crushed']);
        self::assertSame(['Beat the egg. Add the flour, mix.', 'Scoop 24, 5 cm apart. Bake 10 min.'], $numbered->steps);
        $dashed = self::core()->reading()->sections->sections([
            'plum bars',
            'crust - 1 c flour, 1/2 c butter',
            'top - 2 eggs, 1 c sugar',
            'egg wash',
            'Make the crust: rub flour and butter with a little salt and water.',
        ]);
        self::assertSame(['', 'crust', 'top'], ['', ...array_map(mb_strtolower(...), $dashed->components)]);
        self::assertSame('egg wash', array_column($dashed->ingredients, 'text')[4] ?? '');
        self::assertSame([0, 0, 1, 1], array_column($sorted->ingredients, 'component'));
    }

    public function test_dry_and_wet_are_one_part_and_times_in_one_row_are_many(): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Loft cake',
            'Prep 10 mins | Cook 1 hr | Servings: 12 slices',
            'Dry:',
            '200 g flour',
            'Wet:',
            '100 ml milk',
            'Frosting:',
            '50 g butter',
            'Method',
            '1 - Mix it.',
        ]);
        self::assertSame([0, 0, 1], array_column($sorted->ingredients, 'component'));
        self::assertSame(12, (int) self::core()->reading()->yields->read($sorted->yield)->pieces);
        self::assertSame(['Mix it.'], $sorted->steps);
    }

    #[DataProvider('counts')]
    public function test_a_count_is_what_it_makes_or_what_goes_in(string $row, ?int $makes): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Ridge bars',
            $row,
            'Ingredients',
            '200 g flour',
            'Method',
            'Mix it.',
        ]);
        self::assertSame(
            $makes,
            $sorted->yield === '' ? null : (int) self::core()->reading()->yields->read($sorted->yield)->pieces,
            $row,
        );
        if ($makes === null) {
            self::assertContains($row, array_column($sorted->ingredients, 'text'));
        }
    }

    /** @return list<array{string, ?int}> */
    public static function counts(): array
    {
        return [
            ['3 dozen', 36],
            ['about 2 dozen', 24],
            ['8 scones, 3 g net each she says', 8],
            ['16 squares', 16],
            ['24 chocolate sandwich cookies', null],
            ['12 sponge fingers', null],
            ['4 squares semi-sweet chocolate (1 oz each)', null],
            ['2 tbsp hemp hearts', null],
            ['2 dl oat squares', null],
            ['16 tablespoons', 16],
        ];
    }

    public function test_a_list_behind_a_name_is_a_part_and_a_method_behind_its_name_is_a_step(): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Rings',
            '200 g flour',
            'cinnamon sugar: ½ c sugar + 1 tsp cinnamon',
            'Method: Mix all of it well and bake it at 180 °C.',
        ]);
        self::assertSame(['200 g flour', '½ c sugar + 1 tsp cinnamon'], array_column($sorted->ingredients, 'text'));
        self::assertSame([0, 1], array_column($sorted->ingredients, 'component'));
        self::assertSame(['Mix all of it well and bake it at 180 °C.'], $sorted->steps);
    }

    public function test_a_scoop_of_something_is_no_work(): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Skillet cookie', '200 g flour', '100 g sugar', 'scoop of vanilla ice cream to serve', 'sprinkle of sea salt',
            'Scoop onto a sheet and bake.', 'Sprinkle with the sugar.',
        ]);
        self::assertCount(4, $sorted->ingredients);
        self::assertSame(['Scoop onto a sheet and bake.', 'Sprinkle with the sugar.'], $sorted->steps);
    }

    public function test_what_is_needed_for_so_many_and_what_it_is_decorated_with_stand_in_rows_of_their_own(): void
    {
        $told = self::core()->reading()->sections->sections([
            'Creams',
            'For about 20 biscuits you need 225 g butter (soft), 225 g flour. Filling: 100 g butter, 200 g icing sugar.',
            'To decorate: writing icing, sprinkles',
            'Beat butter, sift in the flour. Bake 10 minutes.',
        ]);
        self::assertSame('Makes about 20 biscuits', $told->yield);
        self::assertSame(['', 'Filling', 'To decorate'], $told->components);
        self::assertSame(
            ['225 g butter (soft), 225 g flour', '100 g butter, 200 g icing sugar', 'writing icing', 'sprinkles'],
            array_column($told->ingredients, 'text'),
        );
        self::assertCount(1, $told->steps);
    }

    public function test_words_alone_among_ingredients_are_one_too_but_sentences_are_not(): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Loaf',
            'Ingredients',
            '200 g flour',
            'Salt',
            'Butter for the tin',
            'Method',
            'Mix it.',
        ]);
        self::assertSame(['200 g flour', 'Salt', 'Butter for the tin'], array_column($sorted->ingredients, 'text'));
        $bare = self::core()->reading()->sections->sections(['Loaf', '200 g flour', 'Salt', 'Mix everything well.', 'Bake it.']);
        self::assertSame(['200 g flour', 'Salt'], array_column($bare->ingredients, 'text'));
        self::assertSame(['Mix everything well.', 'Bake it.'], $bare->steps);
        $rows = ['* 200 g flour', '* a long row of what is there besides, and its peel', 'crème fraîche and candied orange peel, all of it to serve'];
        $listed = self::core()->reading()->sections->sections(['Loaf', ...$rows, '1) Mix everything well.']);
        self::assertSame($rows, array_column($listed->ingredients, 'text'));
    }

    public function test_between_the_headings_all_are_ingredients_whatever_they_begin_with(): void
    {
        foreach (
            ['Cream cheese (8 oz)', 'Cream of tartar, 1/2 tsp', 'Warm water', 'Set honey', 'Rolled oats'] as $first
        ) {
            $sorted = self::core()->reading()->sections->sections([
                'Cake',
                'Ingredients',
                $first,
                '200 g flour',
                'Method',
                'Cream the butter.',
            ]);
            self::assertSame([$first, '200 g flour'], array_column($sorted->ingredients, 'text'));
            self::assertSame(['Cream the butter.'], $sorted->steps);
        }
        self::assertSame(
            ['Cream the butter and sugar.'],
            self::core()->reading()->sections->sections(['Cake', '200 g flour', 'Cream the butter and sugar.'])->steps,
        );
    }

    /** Headings as recipes have them, with and without colon, in capitals or not. */
    #[DataProvider('headings')]
    public function test_a_heading_opens_a_part(string $heading, string $name): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Plum galette',
            'Ingredients',
            '200 g flour',
            $heading,
            '400 g plums',
            'Method',
            'Bake it.',
        ]);
        self::assertSame(['', $name], $sorted->components, $heading);
        self::assertSame([0, 1], array_column($sorted->ingredients, 'component'), $heading);
    }

    /** @return array<string, array{string, string}> */
    public static function headings(): array
    {
        $rows = [
            ['For the filling:', 'Filling'],
            ['For the filling', 'Filling'],
            ['FILLING', 'Filling'],
            ['Filling:', 'Filling'],
            ['filling', 'Filling'],
            ['Plum filling', 'Plum filling'],
            ['**Filling**', 'Filling'],
            ['To finish', 'To finish'],
            ['PLUM LAYER', 'Plum layer'],
            ['Cookies', 'Cookies'],
            ['For the almond topping:', 'Almond topping'],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    public function test_a_row_without_a_mark_above_marked_ones_is_a_heading_and_the_yield_may_come_last(): void
    {
        $sorted = self::core()->reading()->sections->sections([
            'Cake',
            'Ingredients',
            'Sponge and such',
            '▢ 200 g flour',
            '▢ Salt',
            'Moon dust',
            '▢ 400 g plums',
            'Method',
            'Bake it.',
            'Serves 8',
        ]);
        self::assertSame(['Sponge and such', 'Moon dust'], $sorted->components);
        self::assertSame([0, 0, 1], array_column($sorted->ingredients, 'component'));
        self::assertSame(['Serves 8', ['Bake it.']], [$sorted->yield, $sorted->steps]);
    }

    public function test_a_food_without_an_amount_is_no_heading(): void
    {
        foreach (['Salt', 'Whipped cream', 'Flaky sea salt', 'vanilla'] as $row) {
            self::assertSame(
                [''],
                self::core()->reading()->sections->sections([
                    'Cake',
                    'Ingredients',
                    '200 g flour',
                    $row,
                    '400 g plums',
                    'Method',
                    'Bake it.',
                ])->components,
                $row,
            );
        }
    }

    public function test_a_recipe_without_a_title_still_has_one(): void
    {
        self::assertSame('Untitled dessert', self::core()->reading()->sections->sections(['200 g flour', '2 eggs'])->title);
    }
}
