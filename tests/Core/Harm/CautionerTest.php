<?php

declare(strict_types=1);

namespace Tests\Core\Harm;

use Aglyca\Core\Forecast\Warning;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Each caution where it is due, and nowhere else. */
final class CautionerTest extends CoreCase
{
    /** @param  list<string>  $due  keys, or a key with what its sentence must say */
    #[DataProvider('desserts_with_cautions')]
    public function test_a_caution_is_said_where_it_is_due(string $text, array $wishes, array $due, array $absent): void
    {
        $said = array_column(
            array_map(static fn (Warning $w): array => [$w->key, $w->sentence], self::work($text, $wishes)->warnings),
            1,
            0,
        );
        foreach ($due as $key => $sentence) {
            self::assertArrayHasKey($key, $said);
            self::assertStringContainsString($sentence, $said[$key]);
        }
        foreach ($absent as $key) {
            self::assertArrayNotHasKey($key, $said);
        }
    }

    /** @return array<string, array{string, array<string, mixed>, array<string, string>, list<string>}> */
    public static function desserts_with_cautions(): array
    {
        $mousse = "Lemon mousse\nMakes 4 glasses\n3 eggs\n300 g whipping cream\n40 g erythritol";
        $sweets = "Mints\nMakes %d pieces\n200 g xylitol";

        return [
            'raw egg that is not baked' => [$mousse, [], ['raw' => 'pasteurised egg'], ['xylitol-dogs']],
            'yolks over steam, whites as they are' => [
                "Almond cream\nMakes 6 glasses\n400 g mascarpone\n3 eggs, separated\n60 g allulose\n\nMethod\nWhisk the yolks over simmering water until thick.\nWhip the whites to soft peaks and fold them in.",
                [],
                ['raw' => 'pasteurised egg'],
                [],
            ],
            'whites that are poached' => [
                "Snow eggs\nMakes 6 glasses\n400 g cream\n3 eggs, separated\n60 g allulose\n\nMethod\nWhip the whites to stiff peaks.\nPoach spoonfuls in simmering water.\nCook the yolks with the cream until it coats a spoon.",
                [],
                [],
                ['raw'],
            ],
            'a filling that the title puts before its topping' => [
                "Baked plum cheesecake with sour cream topping\nMakes 10 slices\n\nBase\n150 g almond flour\n50 g butter\n\nFilling\n600 g cream cheese\n3 eggs\n\nTopping\n100 g sour cream\n\nMethod\nPress the base into a tin.\nBake at 160 °C for 40 minutes.",
                [],
                [],
                ['raw'],
            ],
            'fried dough' => [
                "Spiced doughnuts\nMakes 12\n300 g flour\n2 eggs\n100 ml milk\n80 g sugar\n3 tsp baking powder\n\nMethod\nMix all.\nFry at 180 °C for 2 minutes a side.",
                [],
                ['family-limit' => 'tears in hot oil'],
                ['raw'],
            ],
            'a line that nobody knows is not in the totals, and may hold what its words say' => [
                "Loaf\nMakes 8 slices\n200 g almond flour\n100 g bramble butter\n3 eggs",
                [],
                [
                    'uncounted' => 'not known: “100 g bramble butter”',
                    'allergens-possible' => 'May contain milk: read the label',
                ],
                ['guessed'],
            ],
            'a line of which half is known is a guess' => [
                "Loaf\nMakes 8 slices\n200 g almond flour\n80 g walnut cracknel\n3 eggs",
                [],
                ['guessed' => '“80 g walnut cracknel” as walnuts'],
                ['uncounted'],
            ],
            'all is known' => [
                "Loaf\nMakes 8 slices\n200 g almond flour\n3 eggs",
                [],
                [],
                ['guessed', 'uncounted', 'allergens-possible', 'laxative'],
            ],
            // By hand: 12 of 112 g, as eaten, are above a tenth; 10 of 110 g are not.
            'more than a tenth of sugar alcohol' => [
                "Mints\nMakes 30 pieces\n12 g erythritol\n100 g butter",
                [],
                ['laxative' => 'Sugar alcohols are 11 % of what is eaten'],
                [],
            ],
            'just less than a tenth' => ["Mints\nMakes 30 pieces\n10 g erythritol\n100 g butter", [], [], ['laxative']],
            'raw egg in a dough' => ["Loaf\nMakes 8 slices\n200 g almond flour\n3 eggs", [], [], ['raw']],
            'an egg that brushes what is baked' => [
                "Knots\nMakes 12\n\nDough:\n200 g almond flour\n100 g butter\n\nTo finish:\n1 egg\n1 tbsp milk\n\nMethod\nRub the butter in. Brush with the egg. Bake at 180 °C for 20 minutes.",
                [],
                [],
                ['raw'],
            ],
            'whites that are beaten in after the bake' => [
                "Knots\nMakes 12\n\nDough:\n200 g almond flour\n100 g butter\n\nTopping:\n3 egg whites\n\nMethod\nRub the butter in. Brush with egg. Bake at 180 °C for 20 minutes. Whip the whites and spoon on.",
                [],
                ['raw' => 'pasteurised egg'],
                [],
            ],
            'an egg-free pudding' => ["Custard\nMakes 4 pots\n300 g whipping cream\n30 g erythritol", [], [], ['raw']],
            'a filling baked in its cheesecake' => [
                "Plain cheesecake squares\nMakes 16 squares\n\nFor the base:\n150 g almond flour\n\nFor the filling:\n500 g cream cheese\n3 eggs",
                [],
                [],
                ['raw'],
            ],
            'xylitol and dogs' => [sprintf($sweets, 40), [], ['xylitol-dogs' => 'dangerous to dogs'], ['tolerance']],
            'more xylitol than 70 kg take: 21 g' => [sprintf($sweets, 9), [], ['tolerance' => 'someone of 70 kg'], []],
            'just less than 70 kg take' => [sprintf($sweets, 10), [], [], ['tolerance']],
            'the same piece for 40 kg' => [
                sprintf($sweets, 10),
                ['bodyMass' => 40.0],
                ['tolerance' => 'a body of 40 kg'],
                [],
            ],
            'a syrup that only soaks a cake' => [
                "Loaf\nMakes 10 slices\n200 g almond flour\n4 eggs\n\nFor the syrup:\n80 g allulose\n60 ml water\n\nMethod\nMix and bake at 170 °C for 40 minutes. Boil the syrup until it dissolves and pour it over.",
                [],
                [],
                ['hot'],
            ],
            'boiling caramel' => [
                "Loaf\nMakes 10 slices\n200 g almond flour\n4 eggs\n\nFor the caramel:\n100 g allulose\n50 g butter",
                [],
                ['hot' => 'The caramel boils far above 100 °C'],
                [],
            ],
            'sugar with what is no sweetener' => [
                "Plain yogurt pots\nMakes 2 pots\n400 g yogurt",
                [],
                ['hidden-sugar' => 'brings'],
                [],
            ],
            'allergens by both lists' => [
                "Cake\nMakes 8 slices\n200 g rye flour\n100 g butter",
                ['left' => ['?']],
                ['allergens' => 'milk'],
                [],
            ],
            'rye is not on the US list' => [
                "Crisps\nMakes 500 pieces\n20 g rye flour",
                [],
                ['allergens' => 'Gluten is on the EU list alone'],
                [],
            ],
            'pine nuts are on the US list alone, and named' => [
                "Bars\nMakes 10 bars\n100 g pine nuts\n50 g butter",
                [],
                ['allergens' => 'nuts (pine nut), milk. Pine nut is on the US list alone'],
                ['allergens-new', 'allergens-possible'],
            ],
            'an allergen that is named with a food that has none' => [
                "Bars\nMakes 10 bars\n100 g desiccated coconut\n40 ml peanut oil",
                [],
                ['allergens' => 'peanut'],
                ['allergens-possible'],
            ],
            'what a bought thing may hold' => [
                "Biscuits\nMakes 10\n100 g almond flour\n60 g margarine",
                [],
                ['allergens-possible' => 'May contain milk, soya'],
                [],
            ],
            'what the swap brings is new in it' => [
                "Rolled biscuits\nMakes 30\n260 g flour\n110 g sugar\n150 g butter\n1 egg\n\nMethod\nBake at 170 °C for 12 minutes.",
                [],
                ['allergens-new' => 'New in it, brought in by the swap: nuts (almond)'],
                ['raw'],
            ],
            'a custard that is stirred to 82 °C' => [
                "Vanilla ice\nServes 8\n500 ml cream\n5 egg yolks\n100 g sugar\n\nMethod\nHeat the yolks, cream and sugar to 82 °C, stirring. Chill and churn.",
                [],
                [],
                ['raw', 'hot'],
            ],
            'egg that was pasteurised' => [
                "Mascarpone mousse\nServes 8\n500 g mascarpone\n4 pasteurised eggs\n100 g sugar\n\nMethod\nWhip and chill.",
                [],
                [],
                ['raw'],
            ],
            'a middle that stays soft' => [
                "Lava cakes\nMakes 4\n200 g dark chocolate\n100 g butter\n4 eggs\n80 g sugar\n\nMethod\nBake at 220 °C for 8 minutes: the middle stays liquid.",
                [],
                ['raw' => 'stays liquid'],
                [],
            ],
            'a syrup by the thermometer' => [
                "Italian icing\nServes 12\n4 egg whites\n200 g sugar\n60 ml water\n\nMethod\nBoil the sugar with water to 118 °C and pour it onto the whites.",
                [],
                ['hot' => 'burns'],
                ['foam', 'hot-fat'],
            ],
            'soda into boiling sugar' => [
                "Honeycomb\nMakes 20\n200 g sugar\n100 g golden syrup\n2 tsp baking soda\n\nMethod\nBoil to 149 °C, stir in the soda and pour at once.",
                [],
                ['foam' => 'deep pan'],
                ['leftover-soda'],
            ],
            'a heat of the oven burns no syrup' => [
                "Vanilla cups\nServes 6\n450 ml cream\n5 egg yolks\n60 g sugar\n\nMethod\nWarm the cream, whisk into the yolks, bake in a water bath at 140 °C for 35 minutes.",
                [],
                [],
                ['hot', 'raw'],
            ],
            'spirits that stay' => [
                "Rum truffles\nMakes 20\n200 g dark chocolate\n100 ml cream\n100 ml rum\n\nMethod\nMelt, chill and roll.",
                [],
                ['alcohol' => 'of alcohol'],
                [],
            ],
            'a spoon of extract does not' => [
                "Pots\nMakes 6\n400 ml cream\n1 tsp vanilla extract\n40 g allulose", [], [], ['alcohol'],
            ],
            // 150 g with 88 % fibre in four pieces, 0.25 g a kg: 33 g against 17.5 g.
            'fibre that a stomach notices' => [
                "Fibre cake\nServes 4\n150 g inulin\n100 g almond flour\n3 eggs\n50 g butter",
                [],
                ['tolerance' => 'g inulin'],
                [],
            ],
            'what a child takes' => [
                "Kids lollies\nMakes 8\n160 g erythritol\n200 ml water", [], ['tolerance' => 'a child of 20 kg'], [],
            ],
            'a child whose weight is told' => [
                "Jelly cups for a child of 15 kg\nServes 4\n60 g xylitol\n400 ml water",
                [],
                ['tolerance' => 'a child of 15 kg'],
                [],
            ],
            'a jar is not eaten at once' => [
                "Plum jam\nMakes 3 jars\n1 kg plums\n300 g erythritol\n\nMethod\nBoil.", [], [], ['tolerance'],
            ],
            'a dog that is to have it' => [
                "Dog biscuits\nMakes 30\n200 g almond flour\n50 g xylitol\n1 egg",
                [],
                ['xylitol-dogs' => 'never give this to a dog'],
                ['dogs'],
            ],
            'what else poisons dogs' => [
                "Treats for the dog\nMakes 30\n200 g almond flour\n60 g macadamias\n1 egg",
                [],
                ['dogs' => 'poisonous to dogs'],
                ['xylitol-dogs'],
            ],
            'a heavy line that nobody knows' => [
                "Slab\nMakes 10 bars\n150 g almonds\n300 g zamara pulp",
                [],
                ['at-least' => 'at least', 'uncounted' => 'zamara pulp'],
                ['already-low'],
            ],
            'a pinch that nobody knows' => [
                "Slab\nMakes 10 bars\n150 g almonds\n60 g coconut oil\n1 g tarvine", [], ['uncounted' => 'tarvine'], ['at-least'],
            ],
            'a guess of weight is never called low' => [
                "Slab\nMakes 10 bars\n150 g almonds\n60 g coconut oil\n100 g lavender almond meal sprinkle", [], [], ['already-low'],
            ],
            'coconut is on neither list' => [
                "Balls\nMakes 10 balls\n100 g desiccated coconut",
                [],
                ['allergens' => 'Coconut is on neither list'],
                [],
            ],
        ];
    }
}
