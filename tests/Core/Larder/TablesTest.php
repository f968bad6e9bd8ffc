<?php

declare(strict_types=1);

namespace Tests\Core\Larder;

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Integrity of every row of `data/`. */
final class TablesTest extends CoreCase
{
    public function test_every_row_names_a_known_source(): void
    {
        $sources = array_column(self::tables()->rows('sources'), 'kind', 'key');
        self::assertSame([], array_diff(array_unique($sources), ['published', 'common practice', 'from memory']));
        foreach (self::tables()->export()['read'] as $table => $rows) {
            foreach ($rows as $n => $row) {
                // What is a word of a language is no fact of the trade.
                if ($table !== 'sources' && ! str_starts_with($table, 'language/')) {
                    self::assertArrayHasKey($row['provenance'] ?? '(none)', $sources, "data/$table.csv row ".($n + 2));
                }
            }
        }
    }

    /** A host that keeps them has the same core: no worked-out form is missing, and none is of something else. */
    public function test_what_a_host_keeps_is_what_the_files_say(): void
    {
        $whole = self::tables();
        Kernel::open($whole);
        $brief = new Brief("Kept cake\n200 g sugar\n250 g flour\n2 eggs\n1 tsp vanila\n\nMethod\nMix.\nBake at 180 °C for 40 minutes.");

        $kept = Kernel::open(Tables::restored($whole->export()))->convert($brief);
        $fresh = self::kernel()->convert($brief);

        self::assertEquals($fresh->recipe, $kept->recipe);
        self::assertEquals([$fresh->before, $fresh->after], [$kept->before, $kept->after]);
        self::assertEquals($fresh->steps(), $kept->steps());
        self::assertSame($whole->export(), Tables::restored($whole->export())->export());
    }

    public function test_keys_are_unique_and_references_known(): void
    {
        $foods = array_column(self::tables()->rows('foods'), 'key');
        self::assertSame($foods, array_unique($foods));
        self::assertGreaterThanOrEqual(180, count($foods));
        $places = [
            ['densities', 'food', ['form']],
            ['portions', 'food', ['portion']],
            ['properties', 'food', ['property']],
            ['flour_school_parts', 'food', ['school', 'when']],
            ['single_swaps', 'to', ['from']],
            ['single_swaps', 'from', ['to']],
            ['preparations', 'food', []],
            ['sweetener_mixes', 'food', ['mix']],
            ['sweetener_mixes', 'powdered', ['mix']],
            ['sweetener_mixes', 'golden', ['mix']],
        ];
        foreach ($places as [$table, $column, $with]) {
            $seen = [];
            foreach (self::tables()->rows($table) as $row) {
                self::assertTrue(
                    in_array($row[$column], $foods, true) || str_starts_with($row[$column], '~'),
                    "data/$table.csv names the food {$row[$column]}",
                );
                $id = $row[$column].'|'.implode('|', array_map(static fn (string $c): string => $row[$c], $with));
                self::assertNotContains($id, $seen, "data/$table.csv has $id twice");
                $seen[] = $id;
            }
        }
    }

    /** An alias that two foods claim would silently go to the first. */
    public function test_no_two_foods_share_a_name(): void
    {
        $claimed = [];
        foreach (self::tables()->rows('foods') as $row) {
            foreach (
                array_unique(
                    array_map(static fn (string $a): string => implode(' ', FoodIndex::words($a)), [
                        $row['name'],
                        ...array_filter(explode('|', $row['aliases'])),
                    ]),
                ) as $name
            ) {
                self::assertArrayNotHasKey(
                    $name,
                    $claimed,
                    "“{$name}” is claimed by {$row['key']} and by ".($claimed[$name] ?? ''),
                );
                $claimed[$name] = $row['key'];
            }
        }
    }

    #[DataProvider('foods')]
    public function test_a_foods_facts_are_possible(string $key): void
    {
        $row = array_column(self::tables()->rows('foods'), null, 'key')[$key];
        foreach (
            [
                'energy_kcal',
                'water_g',
                'protein_g',
                'fat_g',
                'carbohydrate_g',
                'fibre_g',
                'sugars_g',
                'starch_g',
                'allulose_g',
                'salt_g',
                'alcohol_g',
                'u_percent',
            ] as $column
        ) {
            self::assertTrue($row[$column] === '' || is_numeric($row[$column]), "$column is a number");
        }
        foreach (['polyols', 'acids'] as $column) {
            self::assertMatchesRegularExpression('~^(?:[a-z ]+=[\d.]+(?:\|[a-z ]+=[\d.]+)*)?$~', $row[$column]);
        }
        $food = self::core()->larder->get($key);
        $n = $food->per100;
        self::assertLessThanOrEqual(
            101,
            $n->water + $n->protein + $n->fat + $n->carbohydrate + $n->alcohol,
            'parts within 100 g',
        );
        self::assertLessThanOrEqual(
            $n->carbohydrate + 0.01,
            $n->fibre + $n->polyolGrams() + $n->allulose,
            'fibre, polyols and allulose within the carbohydrate',
        );
        self::assertLessThanOrEqual($n->carbohydrate + 0.3, $n->sugars, 'sugars within the carbohydrate');
        self::assertGreaterThan(0, $food->u, 'composition has an uncertainty');
        if ($food->note === '') {
            self::assertEqualsWithDelta(
                $this->energyByFactors($food),
                $n->energy,
                max(8.0, 0.08 * $n->energy),
                'energy by its factors, or a note that says why not',
            );
        }
    }

    /** @return array<string, array{string}> */
    public static function foods(): array
    {
        $keys = array_column(self::tables()->rows('foods'), 'key');

        return array_combine($keys, array_map(static fn (string $k): array => [$k], $keys));
    }

    private function energyByFactors(Food $food): float
    {
        $factor = array_map(floatval(...), array_column(self::tables()->rows('energy_factors'), 'us', 'nutrient'));
        $polyols = [];
        foreach (self::tables()->rows('polyols') as $row) {
            if ($row['property'] === 'energy-us') {
                $polyols[$row['polyol']] = (float) $row['value'];
            }
        }
        $n = $food->per100;
        $energy =
            $factor['protein'] * $n->protein +
            $factor['fat'] * $n->fat +
            $factor['fibre'] * $n->fibre +
            $factor['allulose'] * $n->allulose +
            $factor['alcohol'] * $n->alcohol +
            $factor['carbohydrate'] * ($n->carbohydrate - $n->fibre - $n->polyolGrams() - $n->allulose);
        foreach ($n->polyols as $name => $grams) {
            $energy += $polyols[$name] * $grams;
        }

        return $energy;
    }
}
