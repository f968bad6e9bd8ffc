<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Bench\Document;
use Aglyca\Core\Larder\Role;
use InvalidArgumentException;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class SwapperTest extends CoreCase
{
    /** @return iterable<string, array{string, string, string}> every dessert by every sweetener and school */
    public static function all(): iterable
    {
        foreach (self::desserts() as $name => [$text]) {
            foreach (array_keys(self::workshop()->schools->sweeteners()) as $sweetener) {
                yield "$name, $sweetener" => [$text, $sweetener, 'almond-coconut'];
            }
            foreach (array_keys(self::workshop()->schools->flours()) as $school) {
                yield "$name, $school" => [$text, 'allulose-erythritol', $school];
            }
        }
    }

    #[DataProvider('all')]
    public function test_every_swap_keeps_what_it_promises(string $text, string $sweetener, string $school): void
    {
        $worked = self::work($text, ['sweetener' => $sweetener, 'school' => $school, 'sweetness' => 0.9]);
        self::assertLessThan(0.5 * $worked->before->netCarbs(Convention::LowCarb)->value, $worked->after->netCarbs(Convention::LowCarb)->value);
        foreach ($worked->swap->exchanges as $exchange) {
            foreach ($exchange->to as $part) {
                self::assertGreaterThan(0, $part->grams);
                self::assertNotSame('', $part->why);
                if ($part->food->key === 'egg') {
                    self::assertEqualsWithDelta(0, fmod($part->grams, 50), 1e-9, 'whole eggs');
                }
            }
        }
        $lines = array_merge(...array_map(static fn ($e): array => $e->from, $worked->swap->exchanges));
        sort($lines);
        self::assertSame(range(0, count($worked->recipe->lines) - 1), $lines, 'every line goes somewhere, once');
    }

    /** The proposal written out as a recipe counts the same as the swap says. */
    #[DataProvider('all')]
    public function test_the_swapped_recipe_reads_back_to_the_same_account(string $text, string $sweetener, string $school): void
    {
        $after = self::work($text, ['sweetener' => $sweetener, 'school' => $school])->after;
        $again = self::workshop()->account(new Document("Again\n".implode("\n", array_map(static fn ($d): string => $d->text, $after->formula->doses)), pieces: $after->formula->pieces));
        foreach (Convention::cases() as $convention) {
            self::assertEqualsWithDelta($after->netCarbs($convention)->value, $again->netCarbs($convention)->value, 1e-6);
            self::assertEqualsWithDelta($after->netCarbs($convention)->u, $again->netCarbs($convention)->u, 1e-3);
        }
    }

    #[DataProvider('sweetnesses')]
    public function test_sweetness_follows_the_wish(float $wished): void
    {
        $worked = self::work("Syrup\n1000 g sugar\n500 g water", ['sweetness' => $wished]);
        self::assertEqualsWithDelta($wished, $worked->properties['sweetness']->ratio(), 0.02);
    }

    /** @return array<string, array{float}> */
    public static function sweetnesses(): array
    {
        return ['least' => [0.6], 'middle' => [0.9], 'as written' => [1.0], 'most' => [1.1]];
    }

    /** Common practice: coconut flour at a quarter to a third of the wheat flour, with more egg and liquid. */
    public function test_coconut_flour_is_a_quarter_to_a_third_and_brings_egg_and_water(): void
    {
        $after = self::work("Cake\n240 g flour\n200 g sugar\n2 eggs", ['school' => 'coconut'])->swap->after;
        self::assertEqualsWithDelta(0.29, $after->gramsOf('coconut-flour') / 240, 0.05);
        self::assertGreaterThan(100, $after->gramsOf('egg'));
        self::assertGreaterThan(0, $after->gramsOf('water'));
    }

    public function test_almond_flour_takes_some_of_the_butter_away_but_never_most(): void
    {
        $butter = static fn (string $grams): float => self::work("Cake\n300 g flour\n$grams g butter\n200 g sugar\n2 eggs", ['school' => 'almond'])->swap->after->gramsOf('butter');
        self::assertLessThan(200, $butter('200'));
        self::assertEqualsWithDelta(75, $butter('100'), 1);
    }

    /** Below, at and above the 0.3 g a piece under which a line is left alone: 3.93 g flour are 2.89 g net. */
    #[DataProvider('spoons')]
    public function test_a_line_that_costs_little_is_left_alone(int $pieces, bool $swapped): void
    {
        $worked = self::work("Cheesecake\n500 g cream cheese\n1 tbsp flour", ['pieces' => $pieces]);
        self::assertSame($swapped, $worked->swap->after->gramsOf('wheat-flour') === 0.0);
        if (! $swapped) {
            self::assertStringContainsString('leave it', $worked->swap->exchanges[0]->role === Role::Body ? $worked->swap->exchanges[0]->why : $worked->swap->exchanges[1]->why);
        }
    }

    /** @return array<string, array{int, bool}> */
    public static function spoons(): array
    {
        return ['18 pieces: 0.31 g' => [17, true], '19 pieces: 0.29 g' => [20, false]];
    }

    public function test_low_carb_lines_stay_and_syrups_bring_their_water(): void
    {
        $worked = self::work("Toffee\n200 g honey\n50 g erythritol\n10 g butter", []);
        self::assertSame(50.0, $worked->swap->after->gramsOf('erythritol'));
        self::assertEqualsWithDelta(34, $worked->swap->after->gramsOf('water'), 1);
    }

    public function test_each_component_swaps_on_its_own(): void
    {
        $worked = self::work(self::desserts()['hazelnut-raspberry-thumbprints'][0]);
        $filling = array_values(array_filter($worked->swap->exchanges, static fn ($e): bool => $e->component === 1 && $e->changed));
        self::assertSame('raspberries', $filling[0]->to[0]->food->key);
    }

    public function test_a_wish_out_of_range_or_unknown_is_refused(): void
    {
        foreach ([[['sweetness' => 0.5], InvalidArgumentException::class], [['school' => 'moss'], OutOfBoundsException::class], [['sweetener' => 'hope'], OutOfBoundsException::class]] as [$wish, $fault]) {
            try {
                self::work("A\n100 g sugar\n100 g flour", $wish);
                self::fail('it was taken');
            } catch (InvalidArgumentException|OutOfBoundsException $e) {
                self::assertInstanceOf($fault, $e);
            }
        }
    }
}
