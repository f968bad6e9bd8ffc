<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

use Aglyca\Core\Formula\Formula;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** What is offered for a part decides what the programme can do at all. */
final class CandidateMakerTest extends CoreCase
{
    private const SCONES = "Plum scones\nMakes 8\n250 g flour\n2 tsp baking powder\n40 g sugar\n%s\n\nMethod\nBake at 200 °C for 16 minutes.";

    /** @param  array<string, mixed>  $said */
    #[DataProvider('scones')]
    public function test_a_scone_is_given_an_egg_by_who_uses_them(string $wet, array $said, bool $hasEgg): void
    {
        $after = self::work(sprintf(self::SCONES, $wet), $said)->swap->after;
        self::assertSame($hasEgg, $after->gramsOf('egg') > 0);
        self::assertSame(! $hasEgg, $after->gramsOf('xanthan') + $after->gramsOf('psyllium') > 0, 'one holds it');
    }

    /** @return iterable<string, array{string, array<string, mixed>, bool}> */
    public static function scones(): iterable
    {
        yield 'with cream' => ['300 ml whipping cream', [], true];
        yield 'with milk and butter' => ["120 ml milk\n80 g butter", [], true];
        yield 'nothing of an animal in it' => ["150 ml almond milk\n80 g coconut oil", [], false];
        yield 'egg is not wanted' => ['300 ml whipping cream', ['without' => ['egg']], false];
    }

    public function test_a_dough_that_only_cream_wets_may_have_less_of_it(): void
    {
        self::assertLessThan(
            300,
            self::work(sprintf(self::SCONES, '350 ml whipping cream'))->swap->after->gramsOf('heavy-cream'),
        );
        $both = self::work(sprintf(self::SCONES, "100 ml whipping cream\n150 ml water"))->swap->after;
        self::assertEqualsWithDelta(98, $both->gramsOf('heavy-cream'), 3, 'where water wets it the cream stays');
        self::assertLessThan(150, $both->gramsOf('water'));
    }

    public function test_what_is_rolled_raw_needs_no_gum(): void
    {
        $list = "\nMakes 15\n200 g chickpea flour\n120 g ghee\n100 g icing sugar\n\nMethod\n";
        $raw = self::work("Plum ladoo{$list}Roast the flour in the ghee, stir in the sugar and roll into balls.");
        self::assertSame(0.0, $raw->swap->after->gramsOf('xanthan'));
        $baked = self::work("Plum shortbread{$list}Rub together and press into a tin.\nBake at 160 °C for 25 minutes.");
        self::assertGreaterThan(0, $baked->swap->after->gramsOf('xanthan'));
    }

    /** Common practice: what dried fruit sweetened is sweetened apart, within a tenth of the wish. */
    #[DataProvider('fruits')]
    public function test_the_sweetness_of_dried_fruit_comes_back(string $fruit): void
    {
        $conversion = self::work(
            "Plum loaf\nServes 12\n200 g flour\n120 g sugar\n120 g butter\n3 eggs\n80 g $fruit\n\nMethod\nBake at 170 °C for 45 minutes.",
        );
        self::assertEqualsWithDelta(0.9, $conversion->properties['sweetness']->ratio(), 0.09, $fruit);
    }

    /** @return iterable<string, array{string}> */
    public static function fruits(): iterable
    {
        foreach (['raisins', 'dates', 'prunes', 'currants', 'mixed dried fruit', 'dried cherries'] as $fruit) {
            yield $fruit => [$fruit];
        }
    }

    public function test_fruit_is_sweetened_out_of_the_bag_that_is_open(): void
    {
        $after = self::work(
            "Plum loaf\nServes 12\n200 g flour\n120 g brown sugar\n120 g butter\n3 eggs\n80 g raisins\n\nMethod\nBake at 170 °C for 45 minutes.",
        )->swap->after;
        self::assertGreaterThan(0, $after->gramsOf('golden-erythritol'));
        self::assertSame(0.0, $after->gramsOf('erythritol-powdered'));
    }

    public function test_pastry_of_nut_flour_wants_a_cooler_oven(): void
    {
        $oven = static fn (string $base): float => self::work(
            "Plum tart\nServes 8\n$base\n400 g plums\n80 g sugar\n\nMethod\nBake at 200 °C for 30 minutes.",
        )->swap->oven->loweredByCelsius;
        self::assertSame(10.0, $oven('320 g puff pastry'));
        self::assertSame(0.0, $oven('200 g ground almonds'));
    }

    public function test_a_foam_of_whites_takes_no_whole_egg(): void
    {
        $cake = "Plum angel cake\nServes 12\n%s\n110 g cake flour\n280 g sugar\n\nMethod\nWhisk, fold in the flour.\nBake at 170 °C for 45 minutes.";
        self::assertSame(0.0, self::work(sprintf($cake, '11 egg whites'))->swap->after->gramsOf('egg'));
        self::assertGreaterThan(200, self::work(sprintf($cake, '4 eggs'))->swap->after->gramsOf('egg') + 1);
    }

    /** Common practice: a school's flours are not thinned out because cream brought more fat. */
    public function test_flours_stay_near_the_school_s_proportion(): void
    {
        $after = self::work(
            "Plum waffles\nMakes 8\n240 g flour\n25 g sugar\n3 tsp baking powder\n3 eggs\n430 ml buttermilk\n110 g butter\n\nMethod\nCook in the waffle iron for 5 minutes each.",
        )->swap->after;
        self::assertGreaterThanOrEqual(0.85 * 0.77 * 240 - 1, $after->gramsOf('almond-flour'));
    }

    /** Common practice: figs that were boiled in juice drank it; the berries that come for them bring their own. */
    public function test_fruit_that_drank_its_juice_takes_it_along(): void
    {
        $text = "Plum rolls\nMakes 24\n250 g dried figs\n150 ml orange juice\n175 g flour\n75 g butter\n50 g sugar\n1 egg yolk\n\nMethod\n%s\nRub the butter into the flour, add sugar and yolk. Fill.\nBake at 190 °C for 15 minutes.";
        $soaked = self::work(sprintf($text, 'Simmer the figs in the juice for 10 minutes.'))->swap->after;
        $apart = self::work(sprintf($text, 'Chop the figs. Brush with the juice.'))->swap->after;
        self::assertLessThan(0.5 * $apart->gramsOf('water'), $soaked->gramsOf('water'));
        self::assertLessThan(40, $soaked->gramsOf('coconut-flour'), 'nothing drinks what is not there');
    }

    #[DataProvider('chocolates')]
    public function test_chocolate_without_sugar_is_about_as_sweet(string $chocolate): void
    {
        $conversion = self::work("Plum ganache\nServes 8\n200 g $chocolate\n200 ml double cream\n10 g sugar");
        self::assertEqualsWithDelta(1.0, $conversion->properties['sweetness']->ratio(), 0.26, $chocolate);
    }

    /** @return iterable<string, array{string}> */
    public static function chocolates(): iterable
    {
        foreach (['dark chocolate', 'dark chocolate (60%)', 'dark chocolate, 70%', 'white chocolate'] as $chocolate) {
            yield $chocolate => [$chocolate];
        }
    }

    /** Sliced on what is not baked a fruit has another fruit, whichever of line and method says so. */
    public function test_what_the_method_slices_is_seen_as_slices(): void
    {
        $list = "Plum pie\nServes 8\n4 bananas\n300 ml whipping cream\n50 g sugar\n\nMethod\n";
        $after = static fn (string $method): Formula => self::work($list.$method)->swap->after;
        self::assertGreaterThan(0, $after('Slice the bananas and fold them into the whipped cream.')->gramsOf('strawberries'));
        self::assertGreaterThan(0, $after('Mash the bananas into the whipped cream.')->gramsOf('pumpkin-puree'));
    }

    /** Chocolate was ground finer than a tongue feels: what sweetens it is no grain in the dough. */
    public function test_the_sweetener_of_chocolate_is_not_gritty(): void
    {
        $grain = static fn (string $more): float => self::work(
            "Plum melts\nMakes 20\n200 g butter\n100 g allulose\n200 g almond flour\n1 egg\n$more",
        )->properties['grain']->after;
        self::assertSame(0.0, $grain('150 g sugar-free chocolate chips'));
        self::assertGreaterThan(1.0, $grain('150 g erythritol'));
        self::assertLessThanOrEqual(20.0, $grain('900 g erythritol'), 'and never without end');
    }

    public function test_of_a_foam_is_warned_where_flour_is_folded_in(): void
    {
        $keys = static fn (string $flour): array => array_column(
            self::work(
                "Plum sponge\nServes 8\n4 eggs\n120 g sugar\n$flour\n\nMethod\nWhisk the eggs and sugar, fold in the rest.\nBake at 180 °C for 15 minutes.",
            )->warnings,
            'sentence',
        );
        self::assertNotSame([], preg_grep('~foam falls~', $keys('100 g flour')));
        self::assertSame([], preg_grep('~foam falls~', $keys('100 g ground almonds')));
    }

    /** Common practice: a batter of nut flour takes about its weight in liquid; almond 1, coconut 3, protein 1. */
    public function test_a_runny_batter_is_poured_less(): void
    {
        $text = "Ginger %s\nServes 10\n230 g flour\n1 tsp baking soda\n110 g butter\n220 g brown sugar\n110 g golden syrup\n290 ml milk\n1 egg\n\nMethod\nBake at 160 °C for 70 minutes.";
        foreach (['loaf' => true, 'waffles' => false] as $kind => $isHeld) {
            $after = self::work(sprintf($text, $kind), ['family' => $isHeld ? [] : ['' => 'waffle']])->swap->after;
            $flours = $after->gramsOf('almond-flour') + 3 * $after->gramsOf('coconut-flour') + $after->gramsOf('whey-protein');
            $liquid = $after->gramsOf('water') + 0.6 * $after->gramsOf('heavy-cream');
            self::assertLessThan($isHeld ? 1.05 : 2.0, $liquid / $flours, $kind);
            self::assertGreaterThan(0.4, $liquid / $flours, $kind);
        }
    }
}
