<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class ThickeningTest extends CoreCase
{
    /** @param  list<string>  $thickens  lines */
    #[DataProvider('thick')]
    public function test_flour_and_starch_thicken_what_is_liquid(string $list, string $method, array $thickens): void
    {
        $found = [];
        foreach (self::account("Lock dessert\nServes 8\n$list\n\nMethod\n$method")->formula->doses as $dose) {
            if ($dose->isThickener()) {
                $found[] = $dose->text;
            }
        }
        self::assertSame($thickens, $found);
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function thick(): iterable
    {
        $cream = "500 ml milk\n4 egg yolks\n100 g sugar\n40 g flour";
        yield 'a pastry cream' => [$cream, 'Cook it, stirring, until thick.', ['40 g flour']];
        yield 'the same baked in a dish with its eggs is a batter' => [$cream, 'Bake at 180 °C for 40 minutes.', []];
        yield 'a fruit filling below a crust' => [
            "Crust:\n300 g flour\n150 g butter\nFilling:\n900 g plums\n150 g sugar\n30 g flour\n1 tbsp cornflour",
            'Line a dish, fill it and bake at 190 °C for 50 minutes.',
            ['30 g flour', '1 tbsp cornflour'],
        ];
        yield 'a thin batter' => ["500 ml milk\n3 eggs\n200 g flour", 'Fry thin pancakes.', []];
        yield 'a cake' => ["200 g flour\n30 g cornflour\n200 g butter\n200 g sugar\n4 eggs", 'Bake at 180 °C.', []];
    }

    /** Common practice: gum for what thickened, in grams of single figures; flour of nuts for what was crumb. */
    public function test_what_thickened_becomes_gum_and_starch_in_a_crumb_becomes_flour(): void
    {
        $after = static fn (string $text): mixed => self::work($text)->swap->after;
        $cream = $after("Lock cream\nServes 6\n500 ml milk\n4 egg yolks\n100 g sugar\n40 g flour\n\nMethod\nCook it, stirring, until thick.");
        self::assertSame(0.0, $cream->gramsOf('almond-flour'));
        self::assertEqualsWithDelta(2.8, $cream->gramsOf('xanthan'), 0.5);
        $tart = $after("Lock tart\nServes 8\n250 ml milk\n3 egg yolks\n60 g sugar\n25 g cornflour\n400 g strawberries\n\nMethod\nCook all but the berries until thick. Lay the berries on top.");
        self::assertEqualsWithDelta(1.9, $tart->gramsOf('xanthan'), 0.4, 'fruit on top is no liquid');
        $half = $after("Lock shortbread\nMakes 24\n250 g butter\n100 g sugar\n250 g flour\n125 g cornflour\n\nMethod\nRub, press and bake at 160 °C for 40 minutes.");
        $flour = $after("Lock shortbread\nMakes 24\n250 g butter\n100 g sugar\n375 g flour\n\nMethod\nRub, press and bake at 160 °C for 40 minutes.");
        self::assertEqualsWithDelta($flour->gramsOf('almond-flour'), $half->gramsOf('almond-flour'), 15);
        self::assertLessThan(4.0, $half->gramsOf('xanthan'));
    }
}
