<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Method\StepPiece;
use Aglyca\Core\Method\StepUse;
use Aglyca\Core\Swap\Wishes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Another appliance takes the place of the recipe's own, and nothing else of the method is lost. */
final class OtherApplianceTest extends CoreCase
{
    private const MUFFINS = "Quay muffins\nMakes 12 muffins\n200 g flour\n150 g sugar\n100 g butter\n2 eggs\n2 tsp baking powder\n\nMethod\n";

    private const WAFFLES = "Quay waffles\nMakes 6\n200 g flour\n20 g sugar\n80 g butter\n3 eggs\n250 ml milk\n2 tsp baking powder\n\nMethod\n";

    /**
     * @param  list<string>  $says  in order
     * @param  string  $never  a pattern
     */
    #[DataProvider('methods')]
    public function test_the_other_appliance_stands_where_the_first_did(
        string $text,
        string $appliance,
        array $says,
        string $never,
    ): void {
        $method = implode("\n", array_map(
            static fn (PlannedStep $s): string => $s->text(),
            self::work($text, ['appliance' => $appliance])->steps(),
        ));
        self::assertMatchesRegularExpression('~'.implode('.*', $says).'~su', $method);
        self::assertDoesNotMatchRegularExpression("~$never~iu", $method);
    }

    /** @return iterable<string, array{string, string, list<string>, string}> */
    public static function methods(): iterable
    {
        yield 'the oven is not heated, and what comes after stays after' => [
            self::MUFFINS.'Preheat the oven to 180 °C. Cream butter and sugar, beat in eggs, fold in the rest. Fill the cups and bake for 20 minutes. Cool on a rack.',
            'microwave', ['^Cream', 'Fill the cups', 'Microwave two at a time', 'Cool on a rack'], 'oven|180|\bbake\b(?! for)|20 min',
        ];
        yield 'a second heat goes too' => [
            self::MUFFINS."Cream butter and sugar, beat in eggs, fold in the rest.\nBake at 200 °C for 5 minutes.\nReduce the heat to 170 °C and bake for 12 minutes more.",
            'microwave', ['Cream', 'Microwave'], '200|170|Reduce',
        ];
        yield 'without a verb' => [
            self::MUFFINS."Cream butter and sugar, beat in eggs, fold in the rest.\n180C fan, 18 mins.", 'microwave', ['Cream', 'Microwave'], '180|18 min',
        ];
        yield 'an iron becomes a pan' => [
            self::WAFFLES.'Preheat the waffle iron. Whisk everything smooth. Cook in the iron 4 minutes each.',
            'hob', ['^Whisk', 'Fry as small pancakes'], '\biron\b|4 minutes',
        ];
        yield 'and moulds, of which metal is said' => [
            self::WAFFLES.'Whisk everything smooth. Cook in a hot waffle iron until crisp.', 'oven', ['silicone waffle moulds', 'Metal moulds'], 'iron',
        ];
        yield 'a method of ours' => [
            substr(self::MUFFINS, 0, -8), 'microwave', ['came without a method', 'Microwave two'], 'Heat the oven',
        ];
        yield 'in what nobody bakes it the recipe stands' => [
            self::MUFFINS.'Bake at 180 °C for 20 minutes.', 'hob', ['Bake at 170 °C'], 'Fry',
        ];
    }

    /** For every dessert of the tests and all that it can be baked in: what went in goes in. */
    #[DataProvider('desserts')]
    public function test_nothing_that_goes_in_is_lost(string $text): void
    {
        $uses = static function (array $steps): array {
            $of = [];
            foreach (array_merge([], ...array_map(static fn (PlannedStep $s): array => $s->uses, $steps)) as $use) {
                $of[$use->food->key] = ($of[$use->food->key] ?? 0.0) + $use->grams;
            }
            ksort($of);

            return $of;
        };
        $own = self::work($text);
        foreach (self::kernel()->appliances($own) as $appliance) {
            self::assertArrayHasKey($appliance, Wishes::APPLIANCES);
            $other = self::work($text, ['appliance' => $appliance]);
            self::assertSame(array_keys($uses($own->steps())), array_keys($uses($other->steps())), $appliance);
        }
    }

    public function test_a_microwave_browns_nothing(): void
    {
        $text = self::MUFFINS.'Bake at 180 °C for 20 minutes.';
        self::assertLessThan(
            0.01 * self::work($text)->properties['browning']->after,
            self::work($text, ['appliance' => 'microwave'])->properties['browning']->after,
        );
    }

    /** @param  array<int, int>  $cuts */
    #[DataProvider('cuts')]
    public function test_what_is_cut_stays_a_touch_away(array $cuts, string $left, string $was): void
    {
        $step = self::step()->without($cuts);
        self::assertSame($left, $step->text());
        self::assertSame($was, implode('|', array_filter(array_column($step->pieces, 'was'))));
    }

    /** @return iterable<string, array{array<int, int>, string, string}> */
    public static function cuts(): iterable
    {
        yield 'nothing' => [[], 'Beat allulose, bake it.', 'sugar'];
        yield 'within a piece' => [[13 => 9], 'Beat allulose.', 'sugar|, bake it'];
        yield 'over two pieces' => [[0 => 14], ' bake it.', 'Beat |sugar|,'];
        yield 'two stretches' => [[0 => 5, 13 => 9], 'allulose.', 'Beat |sugar|, bake it'];
        yield 'all of it' => [[0 => 23], '', 'Beat |sugar|, bake it.'];
    }

    public function test_a_step_is_parted_without_loss(): void
    {
        $step = self::step();
        foreach (range(0, strlen($step->text())) as $byte) {
            [$before, $behind] = $step->parted($byte);
            self::assertSame($step->text(), $before->text().$behind->text());
            self::assertSame($byte, strlen($before->text()));
            self::assertCount(1, $before->uses);
            self::assertSame([], $behind->uses);
        }
    }

    private static function step(): PlannedStep
    {
        $food = self::kernel()->catalogue->food('allulose');
        self::assertNotNull($food);

        return PlannedStep::rewritten(
            [new StepPiece('Beat '), new StepPiece('allulose', 'sugar'), new StepPiece(', bake it.')],
            'Beat sugar, bake it.', [], null, null, [new StepUse($food, 10.0)], 0,
        );
    }
}
