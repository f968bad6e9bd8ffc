<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Reading\Line;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class LineReaderTest extends CoreCase
{
    #[DataProvider('lines')]
    public function test_a_line_reads_as(string $text, ?string $food, ?float $grams, string $flag = ''): void
    {
        $line = self::line($text);
        self::assertSame($food, $line->food?->key, $text);
        if ($grams === null) {
            self::assertNull($line->grams, $text);
        } else {
            self::assertEqualsWithDelta($grams, $line->grams?->value, max(0.02, $grams * 0.006), $text);
        }
        if ($flag !== '') {
            self::assertContains(Flag::from($flag), $line->flags, $text);
        } else {
            self::assertFalse(
                $line->isDoubtful(),
                "$text: ".implode(', ', array_map(static fn (Flag $f): string => $f->value, $line->flags)),
            );
        }
    }

    /** @return array<string, array{0: string, 1: ?string, 2: ?float, 3?: string}> */
    public static function lines(): array
    {
        $rows = [
            ['1 small tin (170g) evaporated milk', 'evaporated-milk', 170],
            ['2 ripe mangoes (about 500 g flesh)', 'mango', 500],
            ['10 fresh blueberries', 'blueberries', 15],
            ['pastry for 1 crust (I buy it)', 'shortcrust-pastry', 180],
            ['pastry for a double crust pie', 'shortcrust-pastry', 360],
            ['9 inch pie crust', 'shortcrust-pastry', 180],
            ['1 cup sugar', 'sugar', 200],
            ['1¾ cups plain flour', 'wheat-flour', 210.9],
            ['1 1/2 cups sifted flour', 'wheat-flour', 170.1],
            ['2 ½ tbsp cocoa', 'cocoa', 12.81],
            ['½ tsp salt', 'salt', 3],
            ['1,5 dl milk', 'milk', 153.4],
            ['1,500 g sugar', 'sugar', 1500],
            ['200g caster sugar', 'sugar', 200],
            ['- 113 g butter, softened', 'butter', 113],
            ['1. 250 g almond flour', 'almond-flour', 250],
            ['1 stick butter', 'butter', 113.4],
            ['half a stick of butter', 'butter', 56.7],
            ['8 oz cream cheese', 'cream-cheese', 226.8],
            ['2 (8 oz) packages cream cheese', 'cream-cheese', 453.6],
            ['2 x 200 g tubs mascarpone', 'mascarpone', 400],
            ['1 14-oz can coconut milk', 'coconut-milk', 402.3],
            ['8 oz heavy cream', 'heavy-cream', 232],
            ['8 fl. oz. milk', 'milk', 242],
            ['1 lb strawberries', 'strawberries', 453.6],
            ['3 large eggs', 'egg', 150],
            ['3 medium eggs', 'egg', 132],
            ['2 large eggs (EU)', 'egg', 120],
            ['2 egg yolks', 'egg-yolk', 37.2],
            ['a dozen eggs', 'egg', 600],
            ['juice of the lemon', 'lemon-juice', 45],
            ['4 lg. eggs', 'egg', 200],
            ['2 med eggs', 'egg', 88],
            ['175g self raising', 'self-raising-flour', 175],
            ['4oz S.R. flour', 'self-raising-flour', 113.4],
            ['100 g short-grain pudding rice', 'rice', 100],
            ['135 g strawberry jelly', 'jelly-powder', 135],
            ['juice of half a lemon', 'lemon-juice', 22.5],
            ['Grated zest of 2 lemons', 'lemon-zest', 12],
            ['1 tsp vanilla', 'vanilla-extract', 4.2],
            ['2-3 tbsp water', 'water', 36.97],
            ['2 to 3 tablespoons water', 'water', 36.97],
            ['1 cup plus 2 tbsp sugar', 'sugar', 225],
            ['1 cup minus 2 tbsp sugar', 'sugar', 175],
            ['1 lb (minus 1/2 c.) sugar', 'sugar', 353.6],
            ['2 cups sugar, less 2 tablespoons', 'sugar', 375],
            ['1 cup sugar (minus 1 tbsp)', 'sugar', 187.5],
            ['1 tsp less 2 cups sugar', 'sugar', 4.17],
            ['100 g sugar, less if you like', 'sugar', 100],
            ['1 cup fresh grated coconut', 'fresh-coconut', 80],
            ['2 star anise', 'saffron', 2],
            ['2 x 157 g chocolate oranges', 'milk-chocolate', 314],
            ['8 scoops vanilla ice cream', 'ice-cream', 520],
            ['1 (9-inch) graham cracker crust', 'crumb-crust', 170],
            ['1 1/2 cups graham cracker crumbs', 'graham-crackers', 126],
            ['9 oz chocolate wafer cookies', 'sandwich-biscuits', 255.15],
            ['1 roll puff pastry', 'puff-pastry', 320],
            ['300 g panettone, cubed', 'brioche', 300],
            ['10 saffron threads', 'saffron', 0.03],
            ['one and a half cups of sugar', 'sugar', 300],
            ['three quarters cup sugar', 'sugar', 150],
            ['1 T honey', 'honey', 20.81],
            ['1 t baking soda', 'baking-soda', 4.8],
            ['Butter 100 g', 'butter', 100],
            ['Eggs: 3', 'egg', 150],
            ['Sugar – 1 cup', 'sugar', 200],
            ['flour (120 g)', 'wheat-flour', 120],
            ['1 cup (120 g) flour', 'wheat-flour', 120],
            ['100g/3½oz butter', 'butter', 100],
            ['1 dropper liquid stevia', 'stevia-drops', 1.03],
            ['1/3 cup monk fruit sweetener', 'blend-erythritol', 63],
            ['1 cup packed brown sugar', 'brown-sugar', 217],
            ['4 leaves of gelatine', 'gelatin-leaf', 8],
            ['1 ripe banana, mashed', 'banana', 118],
            ['1 cup unsalted butter, melted', 'butter', 226.8],
            ['1 scant cup sugar', 'sugar', 180],
            ['a pinch of salt', 'salt', 0.375],
            ['¾ cup coconut oil', 'coconut-oil', 159.5],
            ['2% milk 1 cup', 'semi-skimmed-milk', 244],
            ['1 cup flour (250 g)', 'wheat-flour', 250, 'measures-disagree'],
            ['5 cups dragon dust', null, null, 'unknown-food'],
            ['salt to taste', 'salt', null, 'no-amount'],
            ['icing sugar, for dusting', 'powdered-sugar', 8, 'dusting-assumed'],
            ['extra caster sugar to sprinkle', 'sugar', 8, 'dusting-assumed'],
            ['Powdered erythritol for dusting', 'erythritol-powdered', null, 'no-amount'],
            ['icing sugar', 'powdered-sugar', 8, 'dusting-assumed'],
            ['caster sugar', 'sugar', null, 'no-amount'],
            ['2 cups mango pulp', 'mango-pulp', 490],
            ['egg wash', 'egg', null, 'no-amount'],
            ['3 whites', 'egg-white', 90],
            ['1 tbsp cornflour slaked in a little water', 'cornflour', 7.5],
            ['2 pkts (3.4 oz) instant vanilla pudding', 'pudding-mix', 192.8],
            ['1 swiss roll', 'swiss-roll', 250],
            ['1 1/2 cups gingersnap crumbs', 'ginger-biscuits', 150],
            ['2 tsk stött kardemumma', 'cardamom', 4.06],
            ['0 g sugar', 'sugar', null, 'not-an-amount'],
            ['-5 g sugar', 'sugar', null, 'not-an-amount'],
            ['99999 kg sugar', 'sugar', 99_999_000, 'huge-amount'],
            ['1 (14 oz) can sweetened condensed milk', 'condensed-milk', 396.9],
            ['12 oz honey', 'honey', 340.2],
            ['1 12-oz can evaporated milk', 'evaporated-milk', 378],
            ['200ml carton double cream', 'double-cream', 196.1],
            ['250g punnet strawberries', 'strawberries', 250],
            ['250 g tub of mascarpone', 'mascarpone', 250],
            ['1 lb 2 oz apples', 'apple', 510.3],
            ['1 kg 200 g apples', 'apple', 1200],
            ['1 cup 2 tbsp flour', 'wheat-flour', 135.6],
            ['1 lb 450 g butter', 'butter', 453.6],
            ['pinch sea salt', 'salt', 0.375],
            ['Juice ½ lemon', 'lemon-juice', 22.5],
            ['flour 1 cup sifted', 'wheat-flour', 120.5],
            ['whites of 4 large eggs', 'egg-white', 120],
            ['1 cup sugar, plus 2 tablespoons', 'sugar', 225],
            ['2 tbsp icing sugar, for dusting', 'powdered-sugar', 14.2, 'used-in-part'],
            ['1 cup half and half', 'half-and-half', 242],
            ['For dusting: 2 tbsp icing sugar', 'powdered-sugar', 14.2, 'used-in-part'],
            ['1 punnet raspberries', 'raspberries', 150],
            ['2 x 400g tins peaches, drained', 'peaches-in-syrup', 480],
            ['1 tin peaches in juice', 'fruit-in-juice', 432],
            ['400g can chickpeas, drained and rinsed', 'beans-cooked', 240],
            ['425g tin apricot halves in natural juice (240g drained weight)', 'fruit-in-juice', 240],
            ['1 tin coconut milk, only the thick part', 'coconut-cream', 200],
            ['200 g peaches, drained', 'peach', 200],
            ['a 5cm piece of ginger, grated', 'ginger-fresh', 20],
            ['a 2-inch piece of fresh ginger', 'ginger-fresh', 20],
            ['3 medium ripe bananas (360 g peeled)', 'banana', 360],
            ['200g/7oz plain flour, plus a little for dusting', 'wheat-flour', 200],
            ['8 ounces (226 g) full-fat brick cream cheese', 'cream-cheese', 226.8, 'ounces-by-weight'],
            ['2 eggs (1 whole and 1 half)', 'egg', 100],
            ['200 g butter (1 stick and 6 tbsp)', 'butter', 200],
            ['100 g dark chocolate (or 50 g dark and 50 g milk chocolate)', 'dark-chocolate', 100],
            ['1 cup midnight sugar', 'sugar', 200, 'food-guessed'],
            ['1 cup smoked sugar', null, null, 'unknown-food'],
            ['1 cup butter or margarine', 'butter', 226.8],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    /**
     * One line, several things: each with its own amount, words that read the same when they stand alone, and a key by
     * which it can be corrected.
     *
     * @param  list<array{string, float, bool}>  $things food, grams, and whether only part of it is eaten
     */
    #[DataProvider('severalThings')]
    public function test_one_line_may_name_several_things(string $text, array $things): void
    {
        $lines = self::core()->reading()->lines->read($text, 'k');
        self::assertSame(array_column($things, 0), array_map(static fn (Line $l): ?string => $l->food?->key, $lines));
        foreach ($things as $i => [, $grams, $inPart]) {
            self::assertEqualsWithDelta($grams, $lines[$i]->grams?->value, $grams * 0.006);
            self::assertSame($inPart, in_array(Flag::UsedInPart, $lines[$i]->flags, true), $text);
            self::assertSame($i === 0 ? 'k' : "k_$i", $lines[$i]->key);
            self::assertSame(
                [$text, $lines[$i]->amount],
                [
                    $lines[$i]->typed,
                    substr($text, $lines[$i]->amountSpan->at ?? 0, $lines[$i]->amountSpan->length ?? 0),
                ],
            );
            self::assertNotNull($lines[$i]->nameSpan);
            $alone = self::line($lines[$i]->text);
            self::assertSame(
                [$lines[$i]->food?->key, $lines[$i]->grams?->value],
                [$alone->food?->key, $alone->grams?->value],
                "its own words: {$lines[$i]->text}",
            );
        }
        $corrected = self::core()->reading()->lines->read($text, 'k', 0, new Corrections(['k_1' => new Correction(grams: 7.0)]));
        self::assertSame([$lines[0]->grams?->value, 7.0], [$corrected[0]->grams?->value, $corrected[1]->grams?->value]);
    }

    /** @return iterable<string, array{string, list<array{string, float, bool}>}> */
    public static function severalThings(): iterable
    {
        foreach (
            [
                '2 eggs plus 1 yolk' => [['egg', 100, false], ['egg-yolk', 18.6, false]],
                '1 whole egg + 2 egg yolks, beaten' => [['egg', 50, false], ['egg-yolk', 37.2, false]],
                '3 eggs and 2 egg whites' => [['egg', 150, false], ['egg-white', 60, false]],
                '1 cup (200 g) sugar, plus 1 tablespoon for sprinkling' => [
                    ['sugar', 200, false],
                    ['sugar', 12.5, true],
                ],
                '150 g butter plus 20 g for the tin' => [['butter', 150, false], ['butter', 20, true]],
                '1 cup sugar plus 2 tbsp honey' => [['sugar', 200, false], ['honey', 41.6, false]],
                '2 cups (240 g) flour and a pinch of salt' => [['wheat-flour', 240, false], ['salt', 0.375, false]],
                '3 tbsp lemon juice + zest of 1 lemon' => [['lemon-juice', 45.8, false], ['lemon-zest', 6, false]],
                '- Zest and juice of 2 unwaxed lemons' => [['lemon-zest', 12, false], ['lemon-juice', 90, false]],
                'zest and juice of 1 lemon' => [['lemon-zest', 6, false], ['lemon-juice', 45, false]],
                '50 g sugar + 1 tsp cinnamon to coat' => [['sugar', 50, true], ['cinnamon', 2.6, true]],
                '200 g blueberries, tossed in 1 tbsp flour' => [
                    ['blueberries', 200, false],
                    ['wheat-flour', 7.53, false],
                ],
                '2 tbsp sugar with 1 tsp cinnamon' => [['sugar', 25, false], ['cinnamon', 2.6, false]],
                '2 lemons, juice and zest' => [['lemon-juice', 90, false], ['lemon-zest', 12, false]],
                '1 orange, finely grated zest and juice' => [['orange-zest', 12, false], ['orange-juice', 80, false]],
                '1 tsp each of cinnamon, cloves and nutmeg' => [
                    ['cinnamon', 2.6, false],
                    ['cloves', 2.1, false],
                    ['nutmeg', 2.2, false],
                ],
                '700 ml milk, 90 g sugar, freshly ground nutmeg' => [['milk', 716, false], ['sugar', 90, false], ['nutmeg', null, false]],
                'juice of 2 lemons + 75g granulated' => [['lemon-juice', 90, false], ['sugar', 75, false]],
                '½ tsp each of cinnamon and nutmeg' => [['cinnamon', 1.3, false], ['nutmeg', 1.1, false]],
                'Zest of 1 orange + 2 Tbsp juice' => [['orange-zest', 12, false], ['orange-juice', 31.0, false]],
                'juice and zest of 1 lemon, plus 1 tbsp juice' => [
                    ['lemon-juice', 45, false],
                    ['lemon-zest', 6, false],
                    ['lemon-juice', 15.25, false],
                ],
                '2 cups flour (plus 2 tbsp for dusting)' => [['wheat-flour', 241, false], ['wheat-flour', 15.06, true]],
                '1 cup sugar plus 2 tbsp and 1 egg' => [['sugar', 225, false], ['egg', 50, false]],
                '1 egg plus 1 yolk plus 1 tbsp milk' => [
                    ['egg', 50, false],
                    ['egg-yolk', 18.6, false],
                    ['milk', 15.1, false],
                ],
                'maple syrup and berries, to serve' => [['maple-syrup', null, true], ['mixed-berries', null, true]],
                '2 pears, peeled; 1 egg, beaten; demerara for sprinkling' => [
                    ['pear', 332, false],
                    ['egg', 50, false],
                    ['brown-sugar', 8, true],
                ],
                '30 g sugar, juice of 2 oranges, grated zest of 1, 1 tbsp cognac' => [
                    ['sugar', 30, false],
                    ['orange-juice', 160, false],
                    ['orange-zest', 12, false],
                    ['spirits', 14.1, false],
                ],
                '50 g melted butter & icing sugar to finish' => [['butter', 50, true], ['powdered-sugar', 8, true]],
                '60 g breadcrumbs fried in 40 g butter' => [['breadcrumbs', 60, false], ['butter', 40, false]],
                '1/2 mango, diced; 1 passion fruit; toasted coconut flakes' => [
                    ['mango', 165, false],
                    ['passion-fruit', 18, false],
                    ['desiccated-coconut', null, false],
                ],
                '1 lemon, zest and 2 tbsp juice' => [['lemon-zest', 6, false], ['lemon-juice', 30.5, false]],
            ] as $text => $things
        ) {
            yield $text => [$text, $things];
        }
    }

    public function test_each_of_several_things_knows_its_own_stretch_of_the_line(): void
    {
        $places = static fn (string $text): array => array_map(
            static fn (Line $l): array => [$l->amountSpan?->at, $l->nameSpan?->at],
            self::core()->reading()->lines->read($text, 'k'),
        );
        self::assertSame([[2, 10], [19, 21]], $places('- 1 whole egg plus 1 yolk'));
        self::assertSame([[8, 10], [21, 28]], $places('Zest of 1 orange and 2 tbsp juice'));
        self::assertSame([[0, 6], [17, 6]], $places('1 cup sugar plus 2 tbsp for the top'));
    }

    public function test_a_teaspoon_of_ginger_is_ground_and_a_grated_one_is_not(): void
    {
        foreach (
            [
                '½ tsp ginger' => 'ginger-ground',
                'a pinch of ginger' => 'ginger-ground',
                '1 tsp grated ginger' => 'ginger-fresh',
                '1 tsp ginger, minced' => 'ginger-fresh',
                '50 g ginger' => 'ginger-fresh',
                '2 tbsp ginger' => 'ginger-fresh',
            ] as $text => $food
        ) {
            self::assertSame($food, self::line($text)->food?->key, $text);
        }
    }

    /** What is more than the amount is no part of it: the line is used whole. */
    public function test_more_for_dusting_is_beside_the_amount(): void
    {
        foreach (
            [
                '155 g flour, plus a spoonful more if needed',
                '155 g flour, plus more for dusting',
                '155 g flour plus extra to dust',
                '155 g flour (+ extra for rolling)',
                '155 g flour, and a little more for the board',
            ] as $text
        ) {
            $line = self::line($text);
            self::assertSame(['wheat-flour', 155.0], [$line->food?->key, $line->grams?->value], $text);
            self::assertFalse($line->has(Flag::UsedInPart), $text);
        }
        self::assertTrue(self::line('2 tbsp flour for dusting')->has(Flag::UsedInPart));
    }

    public function test_a_correction_of_the_food_weighs_the_amount_anew_and_keeps_what_was_typed(): void
    {
        $line = self::core()->reading()->lines->read(
            '1 cup flour',
            'k',
            0,
            new Corrections(['k' => new Correction('almond-flour')]),
        )[0];
        self::assertSame('1 cup flour', $line->text);
        self::assertEqualsWithDelta(104, $line->grams?->value, 0.1);
        self::assertSame([Flag::Corrected], $line->flags);
        self::assertSame(
            42.0,
            self::core()->reading()->lines->read('1 cup flour', 'k', 0, new Corrections(['k' => new Correction(grams: 42.0)]))[0]
                ->grams?->value,
        );
    }

    public function test_a_cup_is_less_sure_than_a_scale_and_a_range_less_than_a_number(): void
    {
        $u = static fn (string $text): float => self::line($text)->grams->u / self::line($text)->grams->value;
        self::assertLessThan($u('1 cup flour'), $u('120 g flour'));
        self::assertLessThan($u('a pinch of salt'), $u('1/16 tsp salt'));
        self::assertLessThan($u('2-3 tbsp sugar'), $u('2 tbsp sugar'));
    }

    /** Words that join doubled the work once: a line of ninety characters took twenty seconds. */
    public function test_a_line_of_many_joins_is_read_like_any_other(): void
    {
        foreach (['1 egg and ', '1 cup sugar plus ', '2 g salt + ', '3 & ', '(1 tbsp and '] as $again) {
            $lines = self::core()->reading()->lines->read(mb_substr(str_repeat($again, 60), 0, 400), 'k');
            self::assertLessThanOrEqual(13, count($lines), $again);
        }
        self::assertSame(
            ['egg', 'egg-yolk', 'milk'],
            array_map(
                static fn (Line $l): ?string => $l->food?->key,
                self::core()->reading()->lines->read('2 eggs plus 1 yolk and 3 tbsp milk', 'k'),
            ),
        );
    }
}
