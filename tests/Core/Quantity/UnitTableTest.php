<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Quantity\UnitTable;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class UnitTableTest extends CoreCase
{
    #[DataProvider('words')]
    public function test_a_word_is_a_unit_however_it_is_written(string $word, ?string $key): void
    {
        self::assertSame($key, (new UnitTable(self::tables()))->named($word)?->key, $word);
    }

    /** @return iterable<string, array{string, ?string}> */
    public static function words(): iterable
    {
        $rows = [
            'T' => 'tbsp',
            'T.' => 'tbsp',
            't' => 'tsp',
            't.' => 'tsp',
            'TBSP' => 'tbsp',
            'Tbsp.' => 'tbsp',
            'tablespoons' => 'tbsp',
            'teaspoonful' => 'tsp',
            'c' => 'cup',
            'C.' => 'cup',
            'Cups' => 'cup',
            'G' => 'g',
            'gr' => 'g',
            'grammes' => 'g',
            'KG' => 'kg',
            'mls' => 'ml',
            'cc' => 'ml',
            'dl' => 'dl',
            'litre' => 'l',
            'oz.' => 'oz',
            'ounces' => 'oz',
            'lbs' => 'lb',
            'pounds' => 'lb',
            'fl oz' => 'floz',
            'sticks' => 'stick',
            'pkg' => 'packet',
            'sachet' => 'packet',
            'cans' => 'tin',
            'jar' => 'tin',
            'pinches' => 'pinch',
            'dash' => 'dash',
            'drops' => 'drop',
            'dropperfuls' => 'dropper',
            'sheets' => 'leaf',
            'halves' => 'half',
            'pods' => 'pod',
            'sugar' => null,
            'large' => null,
            '' => null,
            'cupboard' => null,
        ];
        foreach ($rows as $word => $key) {
            yield "“{$word}”" => [(string) $word, $key];
        }
    }

    public function test_a_key_that_is_not_there_is_named(): void
    {
        $this->expectException(OutOfBoundsException::class);
        $this->expectExceptionMessage("No unit 'firkin'");
        (new UnitTable(self::tables()))->get('firkin');
    }

    /** Each alias belongs to one unit; volumes are held in millilitres, masses in grams. */
    public function test_aliases_are_unique_and_sizes_are_in_order(): void
    {
        $seen = [];
        foreach (self::tables()->rows('units') as $row) {
            foreach (explode('|', $row['aliases']) as $alias) {
                self::assertArrayNotHasKey($alias, $seen, $alias);
                $seen[$alias] = $row['key'];
            }
            self::assertSame(['mass' => 'g', 'volume' => 'ml', 'count' => 'each'][$row['kind']], $row['base']);
        }
        $table = new UnitTable(self::tables());
        foreach (
            [
                ['smidgen', 'pinch', 'dash', 'tsp', 'dsp', 'tbsp', 'floz', 'cup', 'pint', 'quart', 'gallon'],
                ['mg', 'g', 'oz', 'lb', 'kg'],
            ] as $order
        ) {
            $sizes = array_map(static fn (string $k): float => $table->get($k)->size, $order);
            $sorted = $sizes;
            sort($sorted);
            self::assertSame($sorted, $sizes);
        }
        self::assertTrue($table->get('pinch')->isVague());
        self::assertFalse($table->get('tsp')->isVague());
        self::assertSame(UnitKind::Count, $table->get('stick')->kind);
    }

    /** °F, °C and gas marks on an oven's dial, in steps of five. */
    #[DataProvider('heats')]
    public function test_heats_on_the_dial(Temperature $heat, int $celsius, int $fahrenheit): void
    {
        self::assertSame([$celsius, $fahrenheit], [$heat->celsiusOnDial(5), $heat->fahrenheitOnDial(5)]);
    }

    /** @return array<string, array{Temperature, int, int}> */
    public static function heats(): array
    {
        return [
            '350 °F' => [Temperature::fahrenheit(350), 175, 350],
            '175 °C' => [Temperature::celsius(175), 175, 345],
            '180 °C' => [Temperature::celsius(180), 180, 355],
            'gas 1' => [Temperature::gasMark(1, 275), 135, 275],
            'gas 4' => [Temperature::gasMark(4, 275), 175, 350],
            'gas 9' => [Temperature::gasMark(9, 275), 245, 475],
            '160 °C lowered by ten' => [Temperature::celsius(160)->lowerBy(10), 150, 300],
            'body heat' => [Temperature::celsius(37), 35, 100],
        ];
    }
}
