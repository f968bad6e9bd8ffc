<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Brief;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\Line;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Amounts in words, without a unit, for one piece, and in lists that stand in a row. */
final class AmountsMeantTest extends CoreCase
{
    /** @return array<string, float> grams by food */
    private static function grams(string $list, string $top = 'Makes 4 mugs', Corrections $said = new Corrections): array
    {
        $recipe = self::kernel()->read(new Brief("Plum mug cakes\n$top\n\nIngredients\n$list\n\nMethod\nMix.\nBake at 180 °C for 20 minutes.", corrections: $said));
        $grams = [];
        foreach ($recipe->lines as $line) {
            $grams[$line->food->key ?? $line->typed] = round($line->grams->value ?? 0.0, 1);
        }

        return $grams;
    }

    /** @return iterable<string, array{string, array<string, float>}> */
    public static function lists(): iterable
    {
        yield 'grams that are said once' => ["(all weights in grams)\n200 wheat flour\n120 butter\n3 eggs", ['wheat-flour' => 200.0, 'butter' => 120.0, 'egg' => 150.0]];
        yield 'for each of them' => ["Per mug:\n30 g flour\n1 egg", ['wheat-flour' => 120.0, 'egg' => 200.0]];
        yield 'said of all amounts' => ["Amounts are for one mug\n30 g flour", ['wheat-flour' => 120.0]];
        yield 'what one takes' => ["One mug takes:\n30 g flour", ['wheat-flour' => 120.0]];
        yield 'a column behind the names' => ["plain flour*             200 g\neggs                     2\nbutter                   two tablespoons", ['wheat-flour' => 200.0, 'egg' => 100.0, 'butter' => 28.8]];
        yield 'one of two, and what it is like' => ["200 g either butter or margarine\n100 g seedless raisins", ['butter' => 200.0, 'raisins' => 100.0]];
        yield 'a row for each' => ["200 g flour\n10 g butter per mug", ['wheat-flour' => 200.0, 'butter' => 40.0]];
        yield 'in words' => [
            "two hundred grams flour\neighty-five g butter\none and a half cups sugar\nthree quarters of a cup milk\none egg",
            ['wheat-flour' => 200.0, 'butter' => 85.0, 'sugar' => 317.0, 'milk' => 191.8, 'egg' => 50.0],
        ];
        yield 'between semicolons' => ['2 eggs; 200 g flour, plus extra for dusting; 100 g butter.', ['egg' => 100.0, 'wheat-flour' => 200.0, 'butter' => 100.0]];
        yield 'behind their names' => ['butter - 100 g; wheat flour - 200 g; milk - 100 ml.', ['butter' => 100.0, 'wheat-flour' => 200.0, 'milk' => 102.3]];
        yield 'with a head' => ['Base: 100 g butter; 200 g flour; 2 eggs', ['butter' => 100.0, 'wheat-flour' => 200.0, 'egg' => 100.0]];
        yield 'two lists, each in a row' => ["100 g butter; 200 g flour; 2 eggs\nTop: 50 g sugar; 10 g cocoa; 1 tsp cinnamon", ['butter' => 100.0, 'wheat-flour' => 200.0, 'egg' => 100.0, 'sugar' => 50.0, 'cocoa' => 10.0, 'cinnamon' => 2.6]];
        yield 'a table in words' => ["| Ingredient | Amount |\n| --- | --- |\n| Base | |\n| flour | two cups |\n| butter | 100 g |", ['wheat-flour' => 254.7, 'butter' => 100.0]];
        yield 'two columns' => ["100 g butter    5 eggs\n200 g flour     50 g sugar", ['butter' => 100.0, 'egg' => 250.0, 'wheat-flour' => 200.0, 'sugar' => 50.0]];
        yield 'a list and what is done' => ['100 g butter    two sheets of paper', ['butter' => 100.0]];
    }

    /** @param  array<string, float>  $grams */
    #[DataProvider('lists')]
    public function test_amounts_are_what_is_meant(string $list, array $grams): void
    {
        self::assertSame($grams, self::grams($list));
    }

    public function test_what_the_baker_says_is_of_all(): void
    {
        $key = self::kernel()->read(new Brief("T\nMakes 4 mugs\n\nIngredients\nPer mug:\n30 g flour\n\nMethod\nMix."))->lines[0]->key;
        $said = (new Corrections)->with($key, new Correction(grams: 100.0));

        self::assertSame(['wheat-flour' => 100.0], self::grams("Per mug:\n30 g flour", said: $said));
        self::assertSame(['wheat-flour' => 30.0], self::grams("Per mug:\n30 g flour", 'A cake'), 'nobody says how many');
    }

    public function test_a_part_of_a_table_is_a_part(): void
    {
        $recipe = self::kernel()->read(new Brief("Plum cake\nServes 8\n\nIngredients\n| Ingredient | Amount |\n| --- | --- |\n| Base | |\n| flour | 200 g |\n| **Icing** | |\n| sugar | 50 g |\n\nMethod\nMix."));
        self::assertSame(['Base', 'Icing'], array_values(array_filter($recipe->components)));
        self::assertSame(['wheat-flour', 'sugar'], array_map(static fn (Line $l): ?string => $l->food?->key, $recipe->lines));
    }
}
