<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\TextRow;
use Aglyca\Core\Reading\Timing;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Yields, headings, heats and times in the forms in which recipes have them, crossed with each other. */
final class FormsTest extends CoreCase
{
    /** @param  array<string, float>  $grams  by food */
    #[DataProvider('pairs')]
    public function test_one_amount_of_two_foods_is_half_of_each(string $line, array $grams): void
    {
        $found = [];
        foreach (self::core()->reading()->lines->read($line, 'k') as $one) {
            $found[(string) $one->food?->key] = round($one->grams->value ?? 0.0, 1);
        }
        self::assertSame($grams, $found);
    }

    /** @return iterable<string, array{string, array<string, float>}> */
    public static function pairs(): iterable
    {
        yield 'nuts and fruit' => ['1/4 cup cashews and raisins', ['cashews' => 17.1, 'raisins' => 18.8]];
        yield 'two nuts' => ['100 g walnuts & pecans', ['walnuts' => 50.0, 'pecans' => 50.0]];
        yield 'one food with an and' => ['1 cup half and half', ['half-and-half' => 242.0]];
        yield 'each says its own' => ['100 g walnuts and 50 g pecans', ['walnuts' => 100.0, 'pecans' => 50.0]];
        yield 'nobody knows what' => ['100 g this and that', ['' => 100.0]];
    }

    public function test_a_half_that_nobody_measured_is_less_sure(): void
    {
        [$half] = self::core()->reading()->lines->read('100 g walnuts and pecans', 'k');
        $whole = self::line('50 g walnuts');
        self::assertGreaterThan(3 * ($whole->grams->u ?? 0.0), $half->grams->u ?? 0.0);
    }

    private const PIECES = [
        'cookies' => 'cookie',
        'slices' => 'slice',
        'muffins' => 'muffin',
        'squares' => 'square',
        'biscuits' => 'biscuit',
    ];

    public function test_yields(): void
    {
        foreach (
            [
                'Makes %d %s',
                'makes about %d %s',
                'Yield: %d %s',
                'YIELDS %d %s',
                'Makes approx. %d %s',
                'Makes %d large %s',
                '%d %s',
                'Makes: %d small %s',
            ] as $form
        ) {
            foreach (self::PIECES as $many => $one) {
                $row = sprintf($form, 16, $many);
                $read = self::core()->reading()->yields->read($row);
                self::assertSame([16, $one], [$read->pieces, $read->pieceName], $row);
            }
        }
        foreach (
            [
                'Serves 8',
                'serves 8–10',
                'Servings: 8',
                'Serves: 8 people',
                'For 8 people',
                'Serves 8 to 10',
                'serves eight',
            ] as $row
        ) {
            self::assertSame(8, self::core()->reading()->yields->read($row)->pieces, $row);
        }
    }

    /** A heading opens a part, whatever stands around its name. */
    public function test_headings(): void
    {
        foreach (
            ['Filling', 'Glaze', 'Base', 'Caramel', 'Custard', 'Crumble topping', 'Cream cheese frosting'] as $name
        ) {
            foreach (['%s:', 'For the %s:', 'For the %s', '**%s**', '%s', 'FOR THE %s'] as $form) {
                $row = sprintf($form, $form === 'FOR THE %s' ? mb_strtoupper($name) : $name);
                $parts = self::core()->reading()->sections->sections([
                    'Tart',
                    'Ingredients',
                    '200 g flour',
                    $row,
                    '400 g plums',
                    'Method',
                    'Bake it.',
                ])->components;
                self::assertSame(['', mb_strtolower($name)], array_map(mb_strtolower(...), $parts), $row);
            }
        }
    }

    public function test_heats(): void
    {
        foreach (
            ['%d°C' => 180, '%d °C' => 180, '%dC' => 180, '%d degrees C' => 180, '%d celsius' => 180] as $form => $celsius
        ) {
            foreach (
                [
                    'Heat the oven to %s.',
                    'Preheat oven to %s',
                    'Bake at %s for 20 minutes.',
                    'Set the oven to %s and line a tin.',
                    'Roast at %s until soft.',
                ] as $sentence
            ) {
                $step = sprintf($sentence, sprintf($form, $celsius));
                self::assertSame(
                    [180],
                    array_map(
                        static fn (Heat $h): int => $h->temperature->celsiusOnDial(5),
                        self::core()->reading()->steps->read($step)->heats,
                    ),
                    $step,
                );
                self::assertTrue(self::core()->reading()->steps->read($step)->heats[0]->isOven, $step);
            }
        }
        foreach (
            [
                'Boil the syrup to 118 °C.',
                'Cook the custard to 82°C.',
                'Warm the milk to 40 °C.',
                'Heat the oil to 180°C and fry.',
            ] as $step
        ) {
            self::assertFalse(self::core()->reading()->steps->read($step)->heats[0]->isOven, $step);
        }
    }

    /** What stands behind "fan" is a time: no oven is set to fifteen degrees. */
    public function test_a_fan_heat_before_a_time(): void
    {
        foreach (
            ['Bake 160 fan 15-18 min until pale.', 'Bake at 160 fan 20 minutes.', 'Bake 160 fan for 1 hour.'] as $text
        ) {
            $heats = self::core()->reading()->steps->read($text)->heats;
            self::assertCount(1, $heats, $text);
            self::assertTrue($heats[0]->isFan, $text);
            self::assertSame(180, $heats[0]->temperature->celsiusOnDial(5), $text);
        }
    }

    public function test_a_number_said_again_for_a_fan_oven_is_one_heat(): void
    {
        foreach (['Tin, 180 (160 fan) for 25 mins.', 'Bake at 180 (160 fan) for 25 mins.'] as $text) {
            $heats = self::core()->reading()->steps->read($text)->heats;
            self::assertCount(1, $heats, $text);
            self::assertSame(180, $heats[0]->temperature->celsiusOnDial(5), $text);
            self::assertStringEndsWith('fan)', substr($text, $heats[0]->at, $heats[0]->length));
        }
    }

    /** A fan oven is set 20 °C or 25 °F lower than one without (common practice). */
    public function test_a_fan_heat_in_either_scale_is_that_of_an_oven_without(): void
    {
        foreach (['Bake at 325 °F fan for 20 minutes.' => 350, 'Bake at 300F fan.' => 325] as $text => $fahrenheit) {
            $heat = self::core()->reading()->steps->read($text)->heats[0];
            self::assertTrue($heat->isFan, $text);
            self::assertSame($fahrenheit, $heat->temperature->fahrenheitOnDial(5), $text);
        }
    }

    public function test_times(): void
    {
        $times = [
            '25 minutes' => [25.0, 25.0],
            '25 min' => [25.0, 25.0],
            '25 mins' => [25.0, 25.0],
            '20-25 minutes' => [20.0, 25.0],
            '20 to 25 min' => [20.0, 25.0],
            '1 hour' => [60.0, 60.0],
            '1½ hours' => [90.0, 90.0],
            '1 hr 10 min' => [70.0, 70.0],
            '1h30' => [90.0, 90.0],
            'an hr 10 till done' => [70.0, 70.0],
            '1hr-1hr15' => [60.0, 75.0],
            '1 hour and 10 minutes' => [70.0, 70.0],
            'half an hour' => [30.0, 30.0],
            'an hour and a half' => [90.0, 90.0],
            '90 seconds' => [1.5, 1.5],
        ];
        foreach ($times as $text => $minutes) {
            foreach (
                ['Bake for %s.' => true, 'Chill for %s.' => false, 'Leave to stand %s before cutting.' => false] as $form => $isBaking
            ) {
                $step = sprintf($form, $text);
                self::assertSame(
                    [[...$minutes, $isBaking]],
                    array_map(
                        static fn (Timing $t): array => [$t->low, $t->high, $t->isBaking],
                        self::core()->reading()->steps->read($step)->times,
                    ),
                    $step,
                );
            }
        }
    }

    /**
     * Whatever the order of its rows, nothing that holds an amount and a food goes elsewhere than to the ingredients
     * without a mark.
     */
    public function test_nothing_is_lost_unmarked(): void
    {
        $rows = [
            '200 g flour',
            '2 eggs',
            'Notes',
            '100 g butter',
            'For the glaze:',
            '50 g sugar',
            'Method',
            'Mix it well.',
            '1 cup milk',
            'Serves 8',
            'I love this one.',
            'Tips',
            '2 tbsp honey',
            'Nutrition',
            'Bake it at 180 °C.',
        ];
        mt_srand(5);
        for ($i = 0; $i < 200; $i++) {
            shuffle($rows);
            $lost = array_filter(
                self::core()->reading()->sections->sections(['Cake', ...$rows])->rows,
                static fn (TextRow $r): bool => preg_match('~^\d+ (?:g|eggs|cup|tbsp)\b~', $r->text) === 1 &&
                    $r->fate !== Fate::Ingredient &&
                    ! $r->isDoubtful &&
                    $r->fate !== Fate::Step,
            );
            self::assertSame([], array_column($lost, 'text'));
        }
    }
}
