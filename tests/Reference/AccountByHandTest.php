<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Account\Convention;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/**
 * Whole accounts worked by hand, a dessert each of eight families. Facts in 100 g: USDA FoodData Central and common
 * labels, from memory; the arithmetic stands beside each. All figures are of the whole, divided by its pieces.
 */
final class AccountByHandTest extends CoreCase
{
    /**
     * @param  list<float>  $whole  carbohydrate, fibre, polyols, allulose, net low-carb, net half-polyol, available,
     *     kcal, fat, protein
     */
    #[DataProvider('desserts_by_hand')]
    public function test_the_account_is_what_a_pencil_says(string $text, int $pieces, array $whole): void
    {
        $account = self::account($text);
        $n = $account->piece;
        self::assertSame([], $account->uncounted);
        self::assertSame((float) $pieces, $account->formula->pieces);
        $told = [
            $n->carbohydrate,
            $n->fibre,
            $n->polyolGrams(),
            $n->allulose,
            $account->net(Convention::LowCarb),
            $account->net(Convention::HalfPolyol),
            $account->net(Convention::Available),
            $n->energy,
            $n->fat,
            $n->protein,
        ];
        self::assertEqualsWithDelta(array_map(static fn (float $w): float => $w / $pieces, $whole), $told, 1e-4);
    }

    /** @return iterable<string, array{string, int, list<float>}> */
    public static function desserts_by_hand(): iterable
    {
        // carbohydrate 28.05 + 10.02 + 0.09 + 99.9 + 0.35 = 138.41
        // fibre 14.85 + 5.82 = 20.67
        // erythritol 99.9
        // net 138.41 − 20.67 − 99.9 = 17.84, of 24 pieces
        // energy 885 + 376.8 + 645.3 + 71.5 = 1978.6 kcal; fat 192.97, protein 48.21
        yield 'drop cookie: hazelnut cookies' => [
            "Hazelnut rounds\nMakes 24 cookies\n150 g almond flour\n60 g hazelnuts\n90 g unsalted butter\n100 g erythritol\n50 g egg",
            24,
            [138.41, 20.67, 99.9, 0.0, 17.84, 17.84, 117.74, 1978.6, 192.97, 48.21],
        ];

        // carbohydrate 33 + 119.88 + 1.05 + 9.2 + 2.07 = 165.2
        // fibre 0.09
        // erythritol 119.88
        // acids 3.6 + 1.6 + 1.23 = 6.43, by data/foods.csv, as far as sugars leave room for them
        // net 165.2 − 0.09 − 119.88 − 6.43 = 38.8, of 16 pieces
        // energy 2100 + 214.5 + 396 + 6.6 = 2717.1 kcal; fat 259.51, protein 61.02
        yield 'cheesecake' => [
            "Lemon cheesecake squares\nMakes 16 squares\n600 g cream cheese\n120 g powdered erythritol\n150 g egg\n200 g sour cream\n30 g lemon juice",
            16,
            [165.2, 0.09, 119.88, 0.0, 38.8, 38.8, 158.68, 2717.1, 259.51, 61.02],
        ];

        // carbohydrate 10.8 + 2.592 + 69.65 + 0.508 = 83.55
        // allulose 69.65
        // net 83.55 − 69.65 = 13.9, of 6 pieces
        // energy 1360 + 231.84 + 28 + 11.52 = 1631.36 kcal; fat 163.484, protein 22.652
        yield 'custard' => [
            "Coffee custards\nMakes 6 pots\n400 g whipping cream\n72 g egg yolk\n70 g allulose\n4 g vanilla extract",
            6,
            [83.55, 0.0, 0.0, 69.65, 13.9, 13.9, 83.55, 1631.36, 163.484, 22.652],
        ];

        // carbohydrate 98 + 0.12 + 23.16 + 159.84 + 1.05 + 11.12 = 293.29
        // fibre 30 + 14.8 + 7.68 = 52.48
        // erythritol 52
        // xylitol 159.84
        // acids 0.4
        // net 293.29 − 52.48 − 52 − 159.84 − 0.4 = 28.57, of 20 pieces
        // energy 890 + 860.4 + 91.2 + 384 + 214.5 + 552.8 = 2992.9 kcal; fat 254.65, protein 47.18
        yield 'brownie' => [
            "Pecan brownies\nMakes 20 brownies\n200 g sugar-free dark chocolate\n120 g unsalted butter\n40 g cocoa\n160 g xylitol\n150 g egg\n80 g pecans",
            20,
            [293.29, 52.48, 211.84, 0.0, 28.57, 108.49, 240.41, 2992.9, 254.65, 47.18],
        ];

        // carbohydrate 0.84 + 149.85 + 0.345 = 151.035
        // fibre 0.015
        // erythritol 149.85
        // acids 0.205
        // net 151.035 − 0.015 − 149.85 − 0.205 = 0.965, of 30 pieces
        // energy 62.4 + 1.1 = 63.5 kcal; fat 0.25, protein 13.1
        yield 'meringue' => [
            "Small meringues\nMakes 30 meringues\n120 g egg white\n150 g powdered erythritol\n5 g lemon juice",
            30,
            [151.035, 0.015, 149.85, 0.0, 0.965, 0.965, 150.815, 63.5, 0.25, 13.1],
        ];

        // carbohydrate 8.1 + 29.75 + 59.7 = 97.55
        // fibre 16.25
        // allulose 59.7
        // acids 2.5
        // net 97.55 − 16.25 − 59.7 − 2.5 = 19.1, of 5 pieces
        // energy 1020 + 130 + 24 + 20.1 = 1194.1 kcal; fat 110.056, protein 16.536
        yield 'mousse' => [
            "Raspberry mousse\nMakes 5 glasses\n300 g whipping cream\n250 g raspberries\n60 g allulose\n6 g gelatin",
            5,
            [97.55, 16.25, 0.0, 59.7, 19.1, 19.1, 78.8, 1194.1, 110.056, 16.536],
        ];

        // carbohydrate 57.98 + 26.1 + 0.06 + 59.94 = 144.08
        // fibre 13 + 17.1 = 30.1
        // xylitol 59.94
        // net 144.08 − 30.1 − 59.94 = 54.04, of 18 pieces
        // energy 1554.8 + 168.75 + 430.2 + 144 = 2297.75 kcal; fat 188.6, protein 66.81
        yield 'no-bake bar' => [
            "Peanut bars\nMakes 18 bars\n260 g peanut butter\n45 g coconut flour\n60 g unsalted butter\n60 g xylitol",
            18,
            [144.08, 30.1, 59.94, 0.0, 54.04, 84.01, 113.98, 2297.75, 188.6, 66.81],
        ];

        // carbohydrate 160.23 + 199.96 + 0.113 + 1.05 + 5.76 = 367.113
        // fibre 5.67
        // net 367.113 − 5.67 = 361.443, of 12 pieces
        // energy 764.4 + 774 + 810.21 + 214.5 + 73.2 = 2636.31 kcal; fat 111.953, protein 45.387
        yield 'butter cake, as written with sugar and flour' => [
            "Plain loaf\nMakes 12 slices\n210 g plain flour\n200 g sugar\n113 g unsalted butter\n150 g egg\n120 g milk",
            12,
            [367.113, 5.67, 0.0, 0.0, 361.443, 361.443, 361.443, 2636.31, 111.953, 45.387],
        ];
    }
}
