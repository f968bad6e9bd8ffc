<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Brief;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\UnreadableRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class RecipeReaderTest extends CoreCase
{
    /** How many it makes, on a line, in the title or in a step: invented, in the manner of home bakers. */
    #[DataProvider('makes')]
    public function test_how_many_it_makes_is_read_wherever_it_stands(string $text, ?int $pieces, string $name): void
    {
        $recipe = self::kernel()->read(new Brief($text));
        self::assertSame([$pieces, $name], [$recipe->pieces, $recipe->pieceName], $text);
        self::assertNotSame([], $recipe->lines);
        foreach ($recipe->lines as $line) {
            self::assertNotNull($line->food, "$line->text is an ingredient");
        }
    }

    /** @return iterable<string, array{string, ?int, string}> */
    public static function makes(): iterable
    {
        $list = "200 g flour\n100 g sugar\n2 eggs";
        $top = static fn (string $row): string => "Plum bake\n$row\n$list\n\nMethod\nMix. Bake at 180 °C.";
        $title = static fn (string $title): string => "$title\n\n$list\n\nMethod\nMix. Bake at 180 °C.";
        $step = static fn (string $row): string => "Plum bake\n\n$list\n\nMethod\nMix. Bake at 180 °C.\n$row";
        foreach (
            [
                [$top('makes about 350 ml'), null, ''], [$top('Yields 2 cups of sauce'), null, ''],
                [$top('ca 24 st'), 24, 'piece'], [$top('16 tablespoons'), 16, 'tablespoon'],
                [$top('1 loaf, 12 slices'), 12, 'slice'], [$top('Feeds 8'), 8, ''],
                [$title('Plum bake (one 18 cm cake, 8 slices)'), 8, 'slice'],
                [$title('Plum bars 4x4=16 bars'), 16, 'bar'], [$title('Plum bake for 4'), 4, ''],
                [$title('Plum rounds (x30)'), 30, ''],
                [$top('Prep 15 min, cook 40 min, serves 6'), 6, ''], [$step('Chill it again. 2 servings'), 2, 'serving'],
                [$step('Makes 1 loaf, 10 slices.'), 10, 'slice'], [$step('2 loaves (24 slices)'), 24, 'slice'],
                [$step('Roll into 2 cm balls (about 22).'), 22, 'ball'], [$step('Cut into 12.'), 12, ''],
                [$step('Divide between 6 ramekins.'), 6, 'ramekin'],
                [$step('Butter 9 moulds and dust with cocoa.'), 9, 'mould'], [$step('Grease 2 tins.'), null, ''],
                [$title('Plum layers - 24 diamonds'), 24, 'diamond'],
                [$step('Makes 8 cups, 16 servings.'), 16, 'serving'],
                [$step('Makes 8 cups, 2 jars.'), 8, 'cup'],
                [$top('Makes 8 cups, 16 servings'), 16, 'serving'],
                [$top('Makes 24 cookies, 12 servings'), 24, 'cookie'],
                [$step('Put heaps on a tray, about 10.'), 10, 'heap'], [$step('Drop on a tray for about 10 minutes.'), null, ''],
                [$top('For a 26 cm tin, 12 pieces'), 12, 'piece'], [$top('For a 26 cm tin'), null, ''],
                ["Plum pots\n\nPots (6)\n$list\n\nCrumb:\n50 g oats", 6, ''],
                ["Plum pots, serves 4\n\nPots (6)\n$list", 4, ''],
                ["Plum buns\n\nFor the buns (makes 12):\n$list", 12, ''],
            ] as [$text, $pieces, $name]
        ) {
            yield strtr($text, ["\n" => ' / ']) => [$text, $pieces, $name];
        }
    }

    public function test_components_lines_steps_heat_and_time_are_told_apart(): void
    {
        $recipe = self::kernel()->read(new Brief(self::desserts()['poppy-seed-cheesecake-squares'][0]));
        self::assertSame('Poppy-seed cheesecake squares', $recipe->title);
        self::assertSame(
            [16, 'serving'],
            [$recipe->pieces, $recipe->pieceWord() === 'piece' ? 'serving' : $recipe->pieceWord()],
        );
        self::assertSame(['Base', 'Filling'], $recipe->components);
        self::assertCount(10, $recipe->lines);
        self::assertSame(
            [0, 0, 1],
            [$recipe->lines[0]->component, $recipe->lines[1]->component, $recipe->lines[2]->component],
        );
        self::assertCount(5, $recipe->steps);
        self::assertEqualsWithDelta(160, $recipe->steps[0]->heats[0]->temperature->celsius, 0.01);
        self::assertSame([40.0, 45.0], [$recipe->steps[3]->times[0]->low, $recipe->steps[3]->times[0]->high]);
    }

    public function test_it_reads_without_headings(): void
    {
        $recipe = self::kernel()->read(
            new Brief(
                "Pear slice\nServes 10\n2 cups flour\n1 cup sugar\n3 eggs\nMix everything well.\nBake at 180C for 30 minutes until done.",
            ),
        );
        self::assertSame(
            ['Pear slice', 10, 3, 2],
            [$recipe->title, $recipe->pieces, count($recipe->lines), count($recipe->steps)],
        );
        self::assertTrue($recipe->steps[1]->isBake);
    }

    /**
     * @param  array<string, float>  $grams  by food
     */
    #[DataProvider('told')]
    public function test_a_recipe_that_is_told_is_set_out_in_rows(
        string $text,
        string $title,
        ?int $pieces,
        array $grams,
        int $steps,
    ): void {
        $recipe = self::kernel()->read(new Brief($text));
        self::assertSame([$title, $pieces], [$recipe->title, $recipe->pieces]);
        $found = [];
        foreach ($recipe->lines as $line) {
            $found[$line->food?->key ?? $line->text] = round($line->grams->value ?? 0.0);
        }
        self::assertSame($grams, $found);
        self::assertCount($steps, $recipe->steps);
    }

    /** @return iterable<string, array{string, string, ?int, array<string, float>, int}> */
    public static function told(): iterable
    {
        yield 'all in one row' => [
            'Two egg mug cake. 2 eggs, 40 g sugar, 3 tbsp plain flour. Mix in a mug, microwave 90 seconds. Serves 1.',
            'Two egg mug cake',
            1,
            ['egg' => 100.0, 'sugar' => 40.0, 'wheat-flour' => 23.0],
            1,
        ];
        yield 'what goes in within what is done' => [
            "Right, my aunt's plum cake. Beat 3 eggs with 150 g caster sugar until pale, fold in 150 g flour and 100g melted butter, then stir through 200 g chopped plums. Tip into a 20cm tin and bake at 180 for 40 minutes. Feeds 8 comfortably.",
            "Aunt's plum cake",
            8,
            ['egg' => 150.0, 'sugar' => 150.0, 'wheat-flour' => 150.0, 'butter' => 100.0, 'plum' => 200.0],
            2,
        ];
        yield 'a row for each thing that is done' => [
            "So this is the quay rice pudding, does about 4\nput 100g pudding rice in an ovenproof dish with 50g sugar and 1.2 litres full fat milk\nadd a knob of butter and grate nutmeg on top\nbake at 150 for 2 hours",
            'So this is the quay rice pudding',
            4,
            ['rice' => 100.0, 'sugar' => 50.0, 'milk' => 1227.0, 'butter' => 15.0],
            3,
        ];
        yield 'said as it is done, amounts behind the things' => [
            "okay so for the oat pancakes, it's easy, you take two ripe bananas and mash them, then crack in two eggs, add about half a cup of oats and a teaspoon of cinnamon. mix that up. get a pan hot with a bit of butter, maybe a tablespoon, and drop in spoonfuls, two minutes a side. makes like eight little ones.",
            'Oat pancakes',
            8,
            ['banana' => 236.0, 'egg' => 100.0, 'oats' => 45.0, 'cinnamon' => 3.0, 'butter' => 14.0],
            3,
        ];
        yield 'parts that are named' => [
            'This is our lemon tart. You need a pastry case - 225g plain flour, 110g cold butter and about 3 tablespoons of cold water. Rub the butter in and bake blind 15 mins at gas 5. The filling is 200 g sugar, the juice of 2 lemons and 4 eggs. Pour it in and bake at gas 3 for 30 minutes.',
            'Lemon tart',
            null,
            ['wheat-flour' => 225.0, 'butter' => 110.0, 'water' => 45.0, 'sugar' => 200.0, 'lemon-juice' => 90.0, 'egg' => 200.0],
            2,
        ];
    }

    public function test_what_only_sets_a_text_out_is_no_part_of_it(): void
    {
        $keys = static fn (string $text): array => array_map(
            static fn (Line $l): array => [$l->food?->key, round($l->grams->value ?? 0.0)],
            self::kernel()->read(new Brief($text))->lines,
        );
        self::assertSame(
            [['walnuts', 200.0], ['sugar', 50.0], ['butter', 150.0]],
            $keys("1. Quay rolls\n2. Ingredients\n3. 200g walnuts\n4. 50g sugar\n5. 150g melted butter\n6. Steps\n7. Mix.\n8. Bake 170C 35 min."),
        );
        self::assertSame(
            [['egg', 150.0], ['sugar', 75.0], ['jam', 81.0]],
            $keys("Quay roll\neggs......3\nsugar.....75 g\nstrawberry jam...4 Tbsp\n\nWhisk and bake at 200 °C."),
        );
        self::assertSame([['sugar', 50.0], ['walnuts', 60.0]], $keys("Quay bars\n50 g sugar\n+ 60g walnuts\n\nMix."));
    }

    public function test_a_letter_and_a_list_between_dots_are_read(): void
    {
        $letter = self::kernel()->read(new Brief(
            "From: Auntie\nTo: me\nSubject: Fwd: plum cake\n\n200 g flour\n3 eggs\n100 g sugar\n\nAll in one, beat 2 mins, bake at 180 °C for 25 mins.\nAuntie xx\nSent from my phone",
        ));
        self::assertSame('plum cake', $letter->title);
        self::assertCount(1, $letter->steps);
        $dots = self::kernel()->read(new Brief(
            "Quay cake\nFor the cake: 250 g ricotta • 180 g sugar • 3 eggs, separated\nFor the syrup: juice 1 orange • 50 g sugar\n\nMix. Bake at gas 3½ for 40 minutes.",
        ));
        self::assertSame([0, 0, 0, 1, 1], array_column($dots->lines, 'component'));
        self::assertSame(
            ['ricotta', 'sugar', 'egg', 'orange-juice', 'sugar'],
            array_map(static fn (Line $l): ?string => $l->food?->key, $dots->lines),
        );
        self::assertSame(170, $dots->steps[0]->heats[0]->temperature->celsiusOnDial(5));
    }

    #[DataProvider('yields')]
    public function test_the_yield_says_how_many_pieces(string $row, ?int $pieces, string $word): void
    {
        $recipe = self::kernel()->read(new Brief("A thing\n$row\n\n100 g sugar\n100 g flour"));
        self::assertSame([$pieces, $word], [$recipe->pieces, $recipe->pieceWord()]);
    }

    /** @return array<string, array{string, ?int, string}> */
    public static function yields(): array
    {
        $rows = [
            ['Makes 24 cookies', 24, 'cookie'],
            ['Serves 10', 10, 'piece'],
            ['2 loaves, each cuts into 12', 24, 'piece'],
            ['ergibt ca. 40 Stück', 40, 'piece'],
            ['Pour 8 personnes', 8, 'serving'],
            ['Makes half a dozen rolls', 6, 'roll'],
            ['Makes 1 loaf (12 slices)', 12, 'slice'],
            ['Makes one 9-inch cake, 8 slices', 8, 'slice'],
            ['makes one 8" cake, cuts into 10', 10, 'piece'],
            ['Prep 20 min, bake 10 min. Makes 36', 36, 'piece'],
            ['9x13 pan, 12 servings', 12, 'serving'],
            ['9 inch pan lined, serves 10', 10, 'piece'],
            ['Makes 2 dozen biscuits', 24, 'biscuit'],
            ['Makes 4 doz.', 48, 'piece'],
            ['Serves 8ish', 8, 'piece'],
            ['Yield: 16 squares', 16, 'square'],
            ['Serves 8-10', 8, 'piece'],
            ['Servings: 6', 6, 'serving'],
            ['Makes about 30 small thumbprint cookies', 30, 'cookie'],
            ['yield 2 1/2 dozen', 30, 'piece'],
            ['12 servings', 12, 'serving'],
            ['Makes 1 jar (about 24 tbsp)', 24, 'tablespoon'],
            ['12 shards', 12, 'shard'],
            ['Makes enough for 8', 8, 'piece'],
            ['Portionen: 12', 12, 'portion'],
            ['10 raciones', 10, 'portion'],
            ['Makes one 23cm tart, serving 8', 8, 'piece'],
            ['2 x 20cm layers, serves 12', 12, 'piece'],
            ['Fills 6 glasses', 6, 'glass'],
            ['Serves 10 as a dessert', 10, 'piece'],
            ['24 bite-size pieces', 24, 'piece'],
            ['Makes 64 (2.5cm squares)', 64, 'square'],
            ['Makes 24 (3 cm) balls', 24, 'ball'],
            ['Makes 16 (5cm x 5cm) bars', 16, 'bar'],
            ['Makes 12 (about 60g each)', 12, 'piece'],
            ['64 squares (1 inch)', 64, 'square'],
            ['Makes about 50 x 2.5cm squares', 50, 'square'],
            ['Makes 9 x 13 inch pan, 24 bars', 24, 'bar'],
            ['Makes 1 (9 inch) cake', null, 'piece'],
            ['', null, 'piece'],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    public function test_what_is_made_stands_where_it_may(): void
    {
        $pieces = static fn (string $text): ?int => self::kernel()->read(new Brief($text))->pieces;
        $rows = "\n\n200 g flour\n2 eggs\n\nMix. Bake for 40 minutes.";
        self::assertNull($pieces("Plum bread\nMakes 1 loaf$rows"), 'nobody says into how many it is cut');
        self::assertSame(24, $pieces("Plum bread - 2 loaves$rows\nCool. (12 slices per loaf)"));
        self::assertNull($pieces("Plum tart, makes 2$rows"), 'two tarts, of which nobody says into how many they are cut');
        self::assertSame(2, $pieces("Plum tart, serves 2$rows"));
        self::assertSame(1, $pieces("Plum mug cake\nMakes 1 cake$rows"));
        self::assertSame(12, $pieces("Plum bread\n\nPrep time: 10 minutes · Bake time: 60 minutes · Yield: 1 loaf (12 slices)\n\n200 g flour\n2 eggs"));
        self::assertSame(16, $pieces("Plum tarts\n200 g flour\n2 eggs\n\nMix. Pour in crusts. 2 tarts, 8 slices each."));
        self::assertSame(9, $pieces("Plum cake\n200 g flour\n2 eggs\n\nMake 3 wells in the flour. Bake. 9 pieces."));
        self::assertSame(16, $pieces("Plum loaf\n200 g flour\n2 eggs\n\nAdd fruit at the beep. 1 loaf, 16 slices."));
        self::assertSame(8, $pieces("Plum pots\n500 ml cream\n6 yolks\n\nDivide among eight 4-oz ramekins. Chill."));
        self::assertSame(8, $pieces("Plum roll\nMakes 1 roll\n200 g flour\n2 eggs\n\nMix. Bake 10 minutes, fill and roll. 8 slices."));
        self::assertSame(24, $pieces("Plum bars\n200 g flour\n2 eggs\n\nMix. Bake 20 minutes. Cool, cut 24 bars."));
        self::assertSame(64, $pieces("Plum sweets\n1.2 kg / makes 64 pieces\n200 g flour\n2 eggs\n\nMix."));
        self::assertSame(12, $pieces("Plum muffins\n200 g flour\n2 eggs\n\nMix. Spoon into a 12-hole muffin tin, bake 20 minutes."));
        self::assertSame(12, $pieces("Plum cupcakes\n\n(12)\n\n200 g flour\n2 eggs"));
        self::assertSame(6, $pieces("Low-carb plum rolls - makes 6\n200 g flour\n2 eggs"));
        self::assertSame(64, $pieces("Plum tablet\n200 g sugar\n2 eggs\n\nPour into a tin. Mark in 64 squares."));
        self::assertSame(12, $pieces("Plum cakes\n200 g flour\n2 eggs\n\nMix. 12 rough heaps on a greased sheet. Bake."));
        self::assertSame(12, $pieces("Plum bread\n200 g flour\n2 eggs\n\nLoaf pan, 350, 50-55 min, foil at 30. 12 sl."));
        self::assertSame(8, $pieces("Plum pudding\n8 portions, 1.2 l basin\n\n200 g flour\n2 eggs"));
        self::assertCount(1, self::kernel()->read(new Brief("Plum pudding\n200 g flour\n1.2 l basin\n\nSteam 2 hours."))->lines, 'a basin is no basil');
        self::assertSame(24, $pieces("Plum squares\n200 g flour\n2 eggs\n\nPress in a tin. Cool, cut 24."));
        self::assertSame(4, $pieces("Plum pancakes\n4 servings (12 small)\n\n200 g flour\n2 eggs"));
        self::assertSame(4, $pieces("Plum foam\n4 egg yolks\n50 g sugar\n\nWhisk. Serve warm in 4 glasses with the biscuits."));
        $table = self::kernel()->read(new Brief("Plum cakes\n\n| Ingredient | Amount |\n|---|---|\n| Butter | 100 g |\n| Egg | 1 large |\n\nMix."));
        self::assertSame(['butter', 'egg'], array_map(static fn ($l): ?string => $l->food?->key, $table->lines));
        self::assertSame('Plum pie', self::kernel()->read(new Brief("Fwd: Subject: Plum pie\n\n200 g flour"))->title);
        $headed = self::kernel()->read(new Brief("Plum men\n200 g flour\n\nTo decorate\nwriting icing\ncake decorations\n\n1. Mix the flour.\n2. Bake for 12 minutes."));
        self::assertSame(['wheat-flour', 'icing-ready', 'sugar-sprinkles'], array_map(static fn ($l): ?string => $l->food?->key, $headed->lines));
    }

    public function test_a_lines_key_outlives_changes_elsewhere_in_the_text(): void
    {
        $key = static fn (string $text): string => self::kernel()->read(new Brief($text))->lines[1]->key;
        self::assertSame($key("T\n1 cup sugar\n2 eggs\n"), $key("Other title\n2 cups sugar\n2 eggs\n1 cup flour"));
    }

    #[DataProvider('hopeless')]
    public function test_what_cannot_be_read_is_refused_with_a_sentence(string $text): void
    {
        try {
            self::kernel()->read(new Brief($text));
            self::fail('it was read');
        } catch (UnreadableRecipe $fault) {
            self::assertMatchesRegularExpression('/^[A-Z].{20,}\.$/s', $fault->getMessage());
        }
    }

    /** @return array<string, array{string}> */
    public static function hopeless(): array
    {
        return [
            'nothing' => [''],
            'blank lines' => ["\n \n\t\n"],
            'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR"],
            'control characters' => [str_repeat("\x01\x02ab", 50)],
            'a novel' => [str_repeat("It was a dark and stormy night and nobody baked.\n", 4000)],
            'a thousand lines' => [str_repeat("1 cup sugar\n", 1000)],
            'no ingredient' => ["Just a title\nand some words"],
            'emoji alone' => ['🍰🍰🍰'],
        ];
    }

    public function test_odd_text_that_is_a_recipe_is_read(): void
    {
        $recipe = self::kernel()->read(
            new Brief("🍰 Cake 🎂\r\n\r\n• 200 g sugar 🍬\r\n▢ 2 eggs\r\n\u{feff}* 100\u{a0}g flour"),
        );
        self::assertSame(
            ['sugar', 'egg', 'wheat-flour'],
            array_map(static fn ($l): ?string => $l->food?->key, $recipe->lines),
        );
        self::assertSame(100.0, $recipe->lines[2]->grams?->value);
        self::assertSame(
            'egg',
            self::kernel()->read(
                new Brief(mb_convert_encoding("Crème\n2 eggs\n100 g crème fraîche", 'Windows-1252', 'UTF-8')),
            )->lines[0]->food?->key,
        );
    }
}
