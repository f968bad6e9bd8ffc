<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;
use Aglyca\Core\Formula\Dose;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/**
 * Whole conversions, a kind of bake each, within the proportions that practised low-carb baking keeps (all bounds
 * common practice): family, net carbs left, eggs, liquid and lift for the new flours, allulose in the sweetener, gum.
 */
final class WholeConversionsTest extends CoreCase
{
    /** @param  array<string, string|array{float, float}>  $bounds */
    #[DataProvider('desserts_of_every_kind')]
    public function test_a_baker_would_bake_it_as_it_stands(string $text, array $bounds): void
    {
        $conversion = self::work($text);
        foreach ($bounds as $what => $bound) {
            if ($what === 'family') {
                self::assertSame($bound, $conversion->swap->family()->key);

                continue;
            }
            $value = $this->measured($conversion, $what);
            self::assertGreaterThanOrEqual($bound[0], $value, $what);
            self::assertLessThanOrEqual($bound[1], $value, $what);
        }
        foreach ($conversion->swap->after->doses as $dose) {
            self::assertDoesNotMatchRegularExpression(
                '~^(?:sugar|brown-sugar|powdered-sugar|honey|golden-syrup|wheat-flour|self-raising-flour|raisins)$~',
                (string) $dose->food?->key,
            );
        }
        self::assertStringNotContainsString(
            'sugar ',
            str_replace(
                ['without sugar ', 'sugar-free '],
                '',
                implode(' ', array_map(static fn ($s): string => $s->text(), $conversion->steps())),
            ),
        );
    }

    private function measured(Conversion $conversion, string $what): float
    {
        $after = $conversion->swap->after;
        $grams = static fn (callable $is): float => array_sum(
            array_map(static fn (Dose $d): float => $d->food !== null && $is($d) ? $d->mass() : 0.0, $after->doses),
        );
        $flours = $grams(
            static fn (Dose $d): bool => preg_match('~flour|psyllium|gluten|whey~', $d->food->key ?? '') === 1,
        );
        $bulk = $grams(
            static fn (Dose $d): bool => preg_match(
                '~^(?:allulose|erythritol|golden-ery|xylitol)~',
                $d->food->key ?? '',
            ) === 1,
        );

        return match ($what) {
            'net' => $conversion->after->net(Convention::LowCarb) /
                $conversion->before->net(Convention::LowCarb),
            'eggs' => $after->gramsOf('egg') / 50,
            'liquid' => $grams(
                static fn (Dose $d): bool => preg_match(
                    '~^(?:milk|water|heavy-cream|buttermilk)$~',
                    $d->food->key ?? '',
                ) === 1,
            ) / max(1.0, $flours),
            'lift' => (100 * ($after->gramsOf('baking-powder') + 3 * $after->gramsOf('baking-soda'))) /
                max(1.0, $flours),
            'allulose' => $grams(static fn (Dose $d): bool => str_starts_with($d->food->key ?? '', 'allulose')) /
                max(1.0, $bulk),
            'gum' => $after->gramsOf('xanthan'),
            'sweetness' => (float) $conversion->properties['sweetness']->ratio(),
            'fat' => $conversion->after->whole()->fat / max(1.0, $conversion->before->whole()->fat),
            default => $after->gramsOf($what),
        };
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function desserts_of_every_kind(): array
    {
        $sweet = [0.78, 1.1];

        return [
            'drop cookie' => [
                "Quarry cookies\nMakes 24 cookies\n200 g flour\n150 g brown sugar\n120 g butter\n1 egg\n1 tsp baking soda\n\nMethod\nCream the butter and sugar, add the egg, then the flour and soda. Bake at 175 °C for 12 minutes.",
                ['family' => 'cookie-chewy', 'net' => [0, 0.2], 'eggs' => [1, 1], 'sweetness' => $sweet],
            ],
            'crisp biscuit' => [
                "Ferry biscuits\nMakes 30 biscuits\n250 g flour\n120 g sugar\n125 g butter\n\nMethod\nRub the butter into the flour and sugar. Roll out, cut, bake at 170 °C for 15 minutes.",
                [
                    'family' => 'cookie-crisp',
                    'net' => [0, 0.2],
                    'eggs' => [0, 0],
                    'allulose' => [0, 0.4],
                    'sweetness' => $sweet,
                ],
            ],
            'shortbread' => [
                "Tower shortbread\nMakes 16 pieces\n225 g plain flour\n75 g caster sugar\n150 g butter\n\nMethod\nRub together, press into a tin and bake at 160 °C for 40 minutes.",
                ['family' => 'shortbread', 'net' => [0, 0.2], 'eggs' => [0, 0], 'allulose' => [0, 0.5]],
            ],
            'butter cake' => [
                "Mill loaf cake\nMakes 12 slices\n200 g flour\n180 g sugar\n150 g butter\n3 eggs\n100 ml milk\n2 tsp baking powder\n\nMethod\nCream butter and sugar, beat in the eggs, fold in flour and baking powder, then the milk. Bake at 170 °C for 50 minutes.",
                [
                    'family' => 'butter-cake',
                    'net' => [0, 0.2],
                    'eggs' => [3, 6],
                    'lift' => [2, 9],
                    'liquid' => [0.1, 0.8],
                    'fat' => [0.8, 2.2],
                    'sweetness' => $sweet,
                ],
            ],
            'sponge' => [
                "Weir sponge\nMakes 8 slices\n4 eggs\n120 g sugar\n120 g plain flour\n\nMethod\nWhisk the eggs and sugar until thick, fold in the flour and bake at 180 °C for 20 minutes.",
                ['family' => 'sponge', 'net' => [0, 0.25], 'eggs' => [4, 7], 'gum' => [0, 2]],
            ],
            'muffin' => [
                "Reed muffins\nMakes 12 muffins\n250 g flour\n120 g sugar\n2 eggs\n200 ml milk\n80 ml oil\n1 tbsp baking powder\n\nMethod\nMix dry, mix wet, stir together. Bake at 190 °C for 20 minutes.",
                ['family' => 'muffin', 'net' => [0, 0.2], 'eggs' => [2, 5], 'lift' => [2, 11], 'liquid' => [0.2, 1.2]],
            ],
            'pancake' => [
                "Lock pancakes\nServes 4\n200 g flour\n300 ml milk\n2 eggs\n1 tbsp sugar\n2 tsp baking powder\n\nMethod\nWhisk everything and fry in a pan.",
                ['family' => 'pancake', 'net' => [0, 0.2], 'eggs' => [2, 6], 'liquid' => [0.3, 1.3]],
            ],
            'scone' => [
                "Barge scones\nMakes 8 scones\n250 g self-raising flour\n60 g butter\n40 g sugar\n120 ml milk\n\nMethod\nRub in the butter, stir in sugar and milk, cut and bake at 210 °C for 14 minutes.",
                ['family' => 'scone', 'net' => [0, 0.25], 'liquid' => [0.1, 0.7]],
            ],
            'yeast dough' => [
                "Dock buns\nMakes 12 buns\n500 g bread flour\n7 g dry yeast\n80 g sugar\n250 ml milk\n1 egg\n60 g butter\n\nMethod\nKnead the dough, prove 1 hour, shape and bake at 190 °C for 18 minutes.",
                ['family' => 'yeast-dough', 'net' => [0, 0.25], 'vital-wheat-gluten' => [50, 130]],
            ],
            'choux' => [
                "Locks éclairs\nMakes 12 eclairs\n75 g flour\n60 g butter\n150 ml water\n2 eggs\n\nMethod\nBoil water and butter, beat in the flour, then the eggs. Pipe and bake at 200 °C for 30 minutes.",
                ['family' => 'choux', 'net' => [0, 0.3], 'psyllium' => [1, 8]],
            ],
            'cheesecake' => [
                "Gate cheesecake\nMakes 12 slices\n600 g cream cheese\n150 g sugar\n3 eggs\n200 ml sour cream\n\nMethod\nBeat all and bake at 150 °C for 50 minutes.",
                ['family' => 'cheesecake', 'net' => [0, 0.3], 'eggs' => [3, 4], 'gum' => [0, 2]],
            ],
            'custard' => [
                "Sill custard\nServes 4\n400 ml milk\n4 egg yolks\n60 g sugar\n20 g cornflour\n\nMethod\nCook gently, stirring, until it thickens.",
                ['family' => 'custard', 'net' => [0, 0.2], 'gum' => [0.5, 4]],
            ],
            'ice cream' => [
                "Winch ice cream\nServes 8\n400 ml cream\n200 ml milk\n120 g sugar\n4 egg yolks\n\nMethod\nCook the custard to 82 °C, chill and churn.",
                ['family' => 'ice-cream', 'net' => [0, 0.25], 'allulose' => [0.45, 1]],
            ],
            'meringue' => [
                "Sluice meringues\nMakes 30 meringues\n120 g egg white\n200 g caster sugar\n\nMethod\nWhip the whites with the sugar. Bake at 100 °C for 90 minutes.",
                ['family' => 'meringue', 'net' => [0, 0.1], 'allulose' => [0, 0.25]],
            ],
            'caramel' => [
                "Tow caramel sauce\nServes 10\n200 g sugar\n80 g butter\n120 ml cream\n\nMethod\nMelt the sugar, stir in butter and cream.",
                ['family' => 'caramel', 'net' => [0, 0.1], 'allulose' => [0.5, 1]],
            ],
            'brittle' => [
                "Keel brittle\nMakes 20 pieces\n300 g sugar\n100 g almonds\n\nMethod\nMelt the sugar to 160 °C, stir in the almonds, pour out.",
                ['family' => 'hard-candy', 'net' => [0, 0.15], 'allulose' => [0, 0], 'isomalt' => [200, 340]],
            ],
            'jam' => [
                "Bank jam\nMakes 4 jars\n500 g raspberries\n400 g sugar\n\nMethod\nSimmer the berries, add the sugar and boil to 105 °C. Keeps for a year.",
                ['family' => 'jam', 'net' => [0, 0.2]],
            ],
            'crumble' => [
                "Wharf crumble\nServes 6\n\nFor the fruit:\n600 g rhubarb\n80 g sugar\n\nFor the crumble topping:\n150 g flour\n100 g sugar\n90 g butter\n\nMethod\nToss the rhubarb with the sugar. Rub the butter into the flour and sugar, scatter over, bake at 180 °C for 35 minutes.",
                ['net' => [0, 0.25]],
            ],
            'oat bar' => [
                "Quay flapjacks\nMakes 12 bars\n250 g rolled oats\n150 g butter\n120 g golden syrup\n80 g brown sugar\n\nMethod\nMelt butter, syrup and sugar, stir in the oats, press into a tin and bake at 160 °C for 25 minutes.",
                ['family' => 'oat-bar', 'net' => [0, 0.25], 'oats' => [0, 0]],
            ],
            'mug cake' => [
                "Lamp mug cake\nServes 1\n4 tbsp flour\n3 tbsp sugar\n1 egg\n2 tbsp milk\n2 tbsp oil\n\nMethod\nMix in a mug and microwave for 2 minutes.",
                ['family' => 'mug-cake', 'net' => [0, 0.25]],
            ],
            'fruit cake' => [
                "Mast fruit cake\nMakes 16 slices\n250 g flour\n180 g brown sugar\n180 g butter\n4 eggs\n400 g mixed dried fruit\n\nMethod\nCream butter and sugar, add eggs, flour and fruit. Bake at 150 °C for 2 hours.",
                ['family' => 'butter-cake', 'net' => [0, 0.25], 'blueberries' => [0, 0]],
            ],
            'no-bake' => [
                "Spar energy balls\nMakes 16 balls\n200 g dates\n100 g almonds\n30 g cocoa\n\nMethod\nBlend, roll and chill.",
                ['family' => 'no-bake-bar', 'net' => [0, 0.35]],
            ],
            'brownie' => [
                "Vault brownies\nMakes 16 squares\n120 g flour\n250 g sugar\n150 g butter\n3 eggs\n60 g cocoa\n\nMethod\nMelt the butter, stir in sugar, eggs, flour and cocoa. Bake at 170 °C for 25 minutes.",
                ['family' => 'brownie', 'net' => [0, 0.2], 'eggs' => [3, 4], 'sweetness' => $sweet],
            ],
            'waffle' => [
                "Pier waffles\nMakes 6 waffles\n250 g flour\n400 ml buttermilk\n2 eggs\n30 g sugar\n80 g butter\n2 tsp baking powder\n\nMethod\nWhisk and bake in a hot iron.",
                ['family' => 'waffle', 'net' => [0, 0.25], 'eggs' => [2, 5]],
            ],
            'biscotti' => [
                "Groyne biscotti\nMakes 30 biscotti\n280 g flour\n180 g sugar\n3 eggs\n120 g almonds\n1 tsp baking powder\n\nMethod\nMix, shape into logs, bake at 175 °C for 25 minutes, slice and bake 15 minutes more.",
                ['family' => 'biscotti', 'net' => [0, 0.25], 'allulose' => [0, 0.4], 'eggs' => [3, 3]],
            ],
            'macaroons' => [
                "Dune macaroons\nMakes 20 macaroons\n200 g desiccated coconut\n150 g sugar\n3 egg whites\n\nMethod\nMix, heap on a sheet and bake at 165 °C for 20 minutes.",
                ['family' => 'macaroon', 'net' => [0, 0.25], 'sweetness' => $sweet],
            ],
            'pastry case' => [
                "Buoy tart\nServes 8\n\nPastry:\n200 g plain flour\n100 g butter\n1 egg yolk\n\nFilling:\n300 ml cream\n3 eggs\n100 g sugar\n\nMethod\nRub the butter into the flour, bind with the yolk. Whisk cream, eggs and sugar and pour in. Bake at 170 °C for 35 minutes.",
                ['net' => [0, 0.2], 'eggs' => [3, 5]],
            ],
            'lava cake' => [
                "Ember lava cakes\nMakes 4\n100 g dark chocolate\n100 g butter\n2 eggs\n80 g sugar\n40 g flour\n\nMethod\nMelt chocolate and butter, stir in the rest, bake at 200 °C for 12 minutes.",
                ['family' => 'lava-cake', 'net' => [0, 0.3], 'sugar-free-chocolate' => [90, 110]],
            ],
            'steamed pudding' => [
                "Hatch pudding\nServes 6\n120 g self-raising flour\n120 g butter\n120 g sugar\n2 eggs\n\nMethod\nCream butter and sugar, beat in eggs and flour, put in a pudding basin and steam for 90 minutes.",
                ['family' => 'steamed-pudding', 'net' => [0, 0.2]],
            ],
            'bread pudding' => [
                "Spool bread pudding\nServes 6\n300 g white bread\n500 ml milk\n3 eggs\n80 g sugar\n60 g raisins\n\nMethod\nSoak the bread in milk, eggs and sugar, scatter the raisins and bake at 170 °C for 40 minutes.",
                ['family' => 'bread-pudding', 'net' => [0, 0.35], 'white-bread' => [0, 0]],
            ],
            'marshmallow' => [
                "Kelp marshmallows\nMakes 40\n300 g sugar\n20 g gelatine\n150 ml water\n\nMethod\nBoil sugar and water to 115 °C, whip with the gelatine.",
                ['family' => 'jelly', 'net' => [0, 0.1], 'allulose' => [0.6, 1], 'gum' => [0, 1]],
            ],
            'gummies' => [
                "Shoal gummies\nMakes 40\n200 ml raspberry puree\n80 g sugar\n25 g gelatine\n\nMethod\nWarm, dissolve and pour into moulds.",
                ['family' => 'gummy', 'net' => [0, 0.6]],
            ],
            'fudge' => [
                "Mole fudge\nMakes 36 squares\n400 g sugar\n150 g butter\n200 ml cream\n\nMethod\nBoil to 115 °C, beat and pour into a tin.",
                ['family' => 'fudge', 'net' => [0, 0.1]],
            ],
            'curd' => [
                "Jetty lemon curd\nMakes 20 portions\n150 g sugar\n3 eggs\n100 g butter\n120 ml lemon juice\n\nMethod\nWhisk over simmering water until thick.",
                ['family' => 'curd', 'net' => [0, 0.2], 'sweetness' => $sweet],
            ],
            'frosting' => [
                "Slip frosting\nServes 12\n300 g icing sugar\n150 g butter\n200 g cream cheese\n\nMethod\nBeat until smooth.",
                ['family' => 'frosting', 'net' => [0, 0.1]],
            ],
            'mousse' => [
                "Ebb mousse\nServes 6\n150 g dark chocolate\n300 ml cream\n60 g sugar\n\nMethod\nMelt the chocolate, fold in the whipped cream and sugar, chill.",
                ['family' => 'mousse', 'net' => [0, 0.3]],
            ],
            'soda bread' => [
                "Stile soda bread\nMakes 12 slices\n400 g flour\n350 ml buttermilk\n1 tsp baking soda\n30 g sugar\n\nMethod\nMix and bake at 200 °C for 40 minutes.",
                ['family' => 'scone', 'net' => [0, 0.25], 'liquid' => [0.1, 0.95]],
            ],
            'honey cake' => [
                "Skep honey cake\nMakes 12 slices\n200 g flour\n200 g honey\n100 g butter\n2 eggs\n1 tsp baking soda\n\nMethod\nWarm honey and butter, beat in eggs, fold in flour and soda. Bake at 160 °C for 40 minutes.",
                ['family' => 'butter-cake', 'net' => [0, 0.2], 'sweetness' => $sweet],
            ],
            'banana bread' => [
                "Rope banana bread\nMakes 10 slices\n3 bananas\n200 g flour\n100 g sugar\n80 g butter\n2 eggs\n1 tsp baking soda\n\nMethod\nMash the bananas, stir in the rest, bake at 175 °C for 50 minutes.",
                ['family' => 'butter-cake', 'net' => [0, 0.25], 'banana' => [0, 0]],
            ],
            'carrot cake' => [
                "Anvil carrot cake\nMakes 12 slices\n250 g flour\n200 g brown sugar\n150 ml oil\n3 eggs\n300 g carrots\n80 g raisins\n2 tsp baking powder\n\nMethod\nWhisk oil, sugar and eggs, stir in flour, baking powder, carrots and raisins. Bake at 170 °C for 45 minutes.",
                ['family' => 'butter-cake', 'net' => [0, 0.3], 'lift' => [2, 10]],
            ],
            'halwa' => [
                "Gate halwa\nServes 5\n175 g semolina\n110 g ghee\n150 g sugar\n600 ml water\n15 g cashews\n\nMethod\nRoast the semolina in the ghee. Boil the water with the sugar, pour on and cook till it leaves the pan.",
                ['family' => 'grain-pudding', 'net' => [0, 0.2], 'liquid' => [0.8, 2.5], 'sweetness' => $sweet],
            ],
            'runny gingerbread' => [
                "Lock gingerbread\nMakes 16 squares\n225 g flour\n1 tsp baking soda\n115 g butter\n115 g brown sugar\n115 g treacle\n115 g golden syrup\n250 ml milk\n1 egg\n\nMethod\nWarm treacle, syrup, sugar, butter and milk, beat into the flour and soda with the egg. Bake at 160 °C for 60 minutes.",
                ['family' => 'butter-cake', 'net' => [0, 0.2], 'liquid' => [0.3, 1.5], 'eggs' => [1, 4], 'lift' => [0, 7]],
            ],
            'churros' => [
                "Pump churros\nMakes 24\n250 ml water\n100 g butter\n150 g flour\n3 eggs\n1 litre oil for deep frying\n100 g caster sugar + 2 tsp cinnamon, to coat\n\nMethod\nBoil water and butter, beat in the flour, then the eggs. Pipe and fry 4 minutes. Toss in the sugar and cinnamon.",
                ['net' => [0, 0.2], 'liquid' => [0.3, 1.7], 'eggs' => [3, 5], 'allulose' => [0, 0.1], 'fat' => [0.8, 1.9]],
            ],
            'apple crisp' => [
                "Fender apple crisp\nServes 6\n800 g apples\n60 g sugar\n\nTopping:\n100 g oats\n80 g flour\n100 g brown sugar\n90 g butter\n\nMethod\nToss the apples with the sugar. Rub the topping, scatter over and bake at 180 °C for 40 minutes.",
                ['net' => [0, 0.35], 'apple' => [0, 0]],
            ],
        ];
    }
}
