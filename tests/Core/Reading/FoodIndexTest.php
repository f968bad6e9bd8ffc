<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\FoodNames;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class FoodIndexTest extends CoreCase
{
    #[DataProvider('sure')]
    public function test_a_name_is_this_food_for_sure(string $name, string $food): void
    {
        $match = self::core()->reading()->foods->find($name);
        self::assertSame([$food, true], [$match->food, $match->sure], $name);
    }

    /** @return iterable<string, array{string, string}> */
    public static function sure(): iterable
    {
        foreach (
            [
                'caster sugar' => 'sugar',
                'Icing Sugar' => 'powdered-sugar',
                'light brown sugar' => 'brown-sugar',
                'plain flour' => 'wheat-flour',
                'all-purpose flour' => 'wheat-flour',
                'ground almonds' => 'almond-meal',
                'blanched almond flour' => 'almond-flour',
                'desiccated coconut' => 'desiccated-coconut',
                'unsalted butter' => 'butter',
                'free-range eggs' => 'egg',
                'egg yolks' => 'egg-yolk',
                'heavy cream' => 'heavy-cream',
                'whipping cream' => 'heavy-cream',
                'cream cheese' => 'cream-cheese',
                'Greek yogurt' => 'greek-yoghurt',
                'bicarbonate of soda' => 'baking-soda',
                'xanthan gum' => 'xanthan',
                'psyllium husk' => 'psyllium',
                'unsweetened cocoa powder' => 'cocoa',
                'fresh ripe strawberries' => 'strawberries',
                'raspberry' => 'raspberries',
                'finely chopped walnuts' => 'walnuts',
                'cornstarch' => 'cornflour',
                'vanilla essence' => 'vanilla-extract',
                'powdered erythritol' => 'erythritol-powdered',
                'maple syrup' => 'maple-syrup',
            ] as $name => $food
        ) {
            yield $name => [$name, $food];
        }
    }

    #[DataProvider('guessed')]
    public function test_a_name_understood_in_part_or_misspelt_is_a_guess_and_marked(string $name, string $food): void
    {
        $match = self::core()->reading()->foods->find($name);
        self::assertSame([$food, false], [$match->food, $match->sure], $name);
    }

    /** @return iterable<string, array{string, string}> */
    public static function guessed(): iterable
    {
        foreach (
            [
                'almnod flour' => 'almond-flour',
                'erythritl' => 'erythritol',
                'grandmother butter' => 'butter',
                'raspberies' => 'raspberries',
                'midnight cocoa' => 'cocoa',
            ] as $name => $food
        ) {
            yield $name => [$name, $food];
        }
    }

    #[DataProvider('unknown')]
    public function test_what_is_no_food_is_none(string $name): void
    {
        self::assertNull(self::core()->reading()->foods->find($name)->food, $name);
    }

    /** @return array<string, array{string}> */
    public static function unknown(): array
    {
        return [
            'a tool' => ['rolling pin'],
            'nothing' => [''],
            'signs' => ['***'],
            'a made-up thing' => ['greeble powder zzz'],
            'only preparation' => ['finely chopped'],
        ];
    }

    public function test_what_a_kitchen_taught_goes_first_and_leaves_others_alone(): void
    {
        $taught = FoodIndex::of(
            FoodNames::of(self::tables())->knowing([
                FoodIndex::normal("Ottilie's Mystery Dust") => 'almond-flour',
                FoodIndex::normal('flour') => 'spelt-flour',
            ]),
        );
        self::assertSame('almond-flour', $taught->find("ottilie's mystery dusts")->food);
        self::assertSame('spelt-flour', $taught->find('flour')->food);
        self::assertSame('sugar', $taught->find('sugar')->food);
        self::assertSame('wheat-flour', self::core()->reading()->foods->find('flour')->food, 'the larder itself is as it was');
    }

    public function test_suggestions_are_near_and_rivals_are_shown(): void
    {
        self::assertContains('coconut-flour', self::core()->reading()->foods->suggest('coconut fluor', 3));
        self::assertSame([], self::core()->reading()->foods->suggest('', 3));
        self::assertNotEmpty(self::core()->reading()->foods->find('almond coconut flour')->rivals);
    }

    /** Spelling, plural and accents make no difference. */
    public function test_normal_form(): void
    {
        foreach (
            [
                ['Crème Fraîche', 'creme fraiche'],
                ['egg yolks', 'Egg Yolk'],
                ['berries', 'berry'],
                ['tomatoes', 'tomato'],
                ['halves', 'half'],
                ['Flavoured yoghurt', 'flavored yogurt'],
                ["baker's yeast", 'bakers yeast'],
                ['dishes', 'dish'],
                ['molasses', 'Molasses'],
            ] as [$a, $b]
        ) {
            self::assertSame(FoodIndex::normal($b), FoodIndex::normal($a));
        }
    }

    public function test_marked_letters_are_letters(): void
    {
        self::assertSame(
            ['jalapeno', 'pina', 'smorga', 'creme', 'ostkaka'],
            FoodIndex::words('jalapeño piña smörgås crème ostkaka'),
        );
    }
}
