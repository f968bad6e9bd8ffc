<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

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
}
