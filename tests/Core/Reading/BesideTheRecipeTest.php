<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Brief;
use Aglyca\Core\Reading\UnreadableRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** What stands above a recipe on its page is not its title, and takes nothing from how many it makes. */
final class BesideTheRecipeTest extends CoreCase
{
    private const LIST = "\n\n200 g flour\n100 g sugar\n2 eggs\n100 g butter\n\nMix everything and bake at 180 C for 20 minutes.";

    private const TOLD =
        "\n\nHeat the oven to 180 C. Whisk 200 g flour, 100 g sugar and 1 tsp baking powder together in a bowl. ".
        'Beat in 2 eggs and 100 g soft butter. Bake for 20 minutes.';

    /** @return iterable<string, array{string, string, ?int}> */
    public static function pages(): iterable
    {
        yield 'a leaf of a book' => ["Page 14 of 88\n\nPlum squares\nMakes 16 squares".self::LIST, 'Plum squares', 16];
        yield 'buttons and stars' => ["Jump to Recipe\n★★★★★ 4.8 from 132 votes\nPlum squares - 16 squares".self::LIST, 'Plum squares', 16];
        yield 'words of a page beside an ingredient' => ["Plum cake\nServes 6\n\nPage 3. 50 g almonds".self::LIST, 'Plum cake', 6];
        yield 'talk' => ["Hello again! It rained all day so I baked. The children adore this one.\n\nPlum squares\n16 squares".self::LIST, 'Plum squares', 16];
        yield 'how many first' => ["16 pcs\n\nPlum cake".self::LIST, 'Plum cake', 16];
        yield 'a letter that was sent on' => ["From: Nan\nSubject: Fwd: Plum cake\n\nHere it is:\n\nPlum cake - 16 squares".self::LIST, 'Plum cake', 16];
        yield 'a letter that was answered' => [preg_replace('~^~m', '> ', "Plum cake\nmakes abt one dozen".self::LIST), 'Plum cake', 12];
        yield 'above the list' => ["Plum cake\n\nIngredients (serves 6)".self::LIST, 'Plum cake', 6];
        yield 'told, with its number' => ["Page 3 of 9\n\nPlum cake\n16 squares".self::TOLD, 'Plum cake', 16];
        yield 'told, in words' => ["Plum biscuits\nYou should get about 30 biscuits out of this.".self::TOLD, 'Plum biscuits', 30];
        yield 'minutes are no pieces' => ['Plum buns - 12 buns'.self::LIST."\nKnead\nfor 10 min until smooth", 'Plum buns', 12];
    }

    #[DataProvider('pages')]
    public function test_title_and_number_are_found(string $text, string $title, ?int $pieces): void
    {
        $recipe = self::kernel()->read(new Brief($text));
        self::assertSame([$title, $pieces], [$recipe->title, $recipe->pieces]);
    }

    /** @return iterable<string, array{string, list<?string>}> */
    public static function lists(): iterable
    {
        yield 'two lists beside each other' => [
            "200 g plain flour    3 eggs\n2 cups sugar\t100 g butter",
            ['wheat-flour', 'egg', 'sugar', 'butter'],
        ];
        yield 'a width of blanks within one thing' => ["200 g      plain flour\n3 eggs", ['wheat-flour', 'egg']];
        yield 'broken between semicolons' => [
            "190 g (1½ cups) plain flour; 25 g (2 tbsp) white\nsugar; 2 eggs; ½ tsp bicarbonate\nof soda.",
            ['wheat-flour', 'sugar', 'egg', 'baking-soda'],
        ];
        yield 'a semicolon before what is done to it' => [
            "200 g butter; softened\n200 g plain flour; sifted twice",
            ['butter', 'wheat-flour'],
        ];
        yield 'another name within brackets' => [
            "200 g plain (all-purpose) flour, sifted\n100 g icing (powdered) sugar\n3 eggs (large)",
            ['wheat-flour', 'powdered-sugar', 'egg'],
        ];
    }

    /** @param  list<?string>  $foods */
    #[DataProvider('lists')]
    public function test_each_thing_of_a_list_is_one_line(string $list, array $foods): void
    {
        $recipe = self::kernel()->read(new Brief("Plum cake\nMakes 8\n\n$list\n\nMix everything and bake at 180 C for 20 minutes."));
        self::assertSame($foods, array_map(static fn ($line): ?string => $line->food?->key, $recipe->lines));
    }

    public function test_more_ingredients_than_a_recipe_has_are_refused_however_they_stand(): void
    {
        foreach (['a row each' => "100 g sugar\n", 'several in a row' => "100 g sugar; 3 eggs; 100 g butter.\n", 'beside each other' => "100 g sugar    3 eggs\n"] as $how => $one) {
            try {
                self::kernel()->read(new Brief("Plum cake\nMakes 8\n".str_repeat($one, 260)));
                self::fail($how);
            } catch (UnreadableRecipe $fault) {
                self::assertSame('That is more than 200 ingredients. Paste one recipe only.', $fault->getMessage(), $how);
            }
        }
    }

    public function test_a_title_that_ends_in_talk_stays_one_where_nothing_else_could_be(): void
    {
        $recipe = self::kernel()->read(new Brief('A cake I love. Really!'.self::LIST));
        self::assertSame('A cake I love. Really!', $recipe->title);
    }
}
