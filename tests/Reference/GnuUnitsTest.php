<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Quantity\UnitTable;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Unit sizes, densities and egg masses against GNU units (Debian `units` 2.22, definitions 3.15), run here. */
final class GnuUnitsTest extends CoreCase
{
    #[DataProvider('units')]
    public function test_a_units_size(string $key, string $theirs): void
    {
        $unit = (new UnitTable(self::tables()))->get($key);
        self::assertEqualsWithDelta(
            $this->asked("1 $theirs", $unit->kind === UnitKind::Mass ? 'g' : 'ml'),
            $unit->size,
            $unit->size * 1e-6,
        );
    }

    /** @return array<string, array{string, string}> */
    public static function units(): array
    {
        $rows = [
            ['oz', 'oz'],
            ['lb', 'lb'],
            ['cup', 'uscup'],
            ['tbsp', 'ustablespoon'],
            ['tsp', 'usteaspoon'],
            ['floz', 'usfloz'],
            ['pint', 'uspint'],
            ['quart', 'usquart'],
            ['gallon', 'usgallon'],
            ['l', 'liter'],
            ['dl', 'dl'],
            ['kg', 'kg'],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    /** Their density of a form that the row names; a figure marked gnu-units must be theirs. */
    #[DataProvider('densities')]
    public function test_a_density(string $food, string $form, string $theirs): void
    {
        $larder = self::core()->larder;
        $ours = $larder->density($larder->get($food), $form)->gramsPerMl * 236.588237;
        self::assertEqualsWithDelta($this->asked("1 uscup $theirs", 'g'), $ours, $ours * 0.005);
    }

    /** @return array<string, array{string, string, string}> */
    public static function densities(): array
    {
        $rows = [
            ['sugar', '', 'sugar'],
            ['powdered-sugar', '', 'powdered_sugar'],
            ['brown-sugar', '', 'brownsugar_light'],
            ['honey', '', 'honey'],
            ['wheat-flour', 'sifted', 'flour_sifted'],
            ['wheat-flour', '', 'flour_spooned'],
            ['wheat-flour', 'scooped', 'flour_scooped'],
            ['cocoa', 'sifted', 'cocoa_sifted'],
            ['cocoa', '', 'cocoa_spooned'],
            ['butter', '', 'butter'],
            ['heavy-cream', '', 'heavycream'],
            ['milk', '', 'milk'],
            ['vegetable-oil', '', 'oil'],
            ['cornflour', '', 'cornstarch'],
            ['cake-flour', '', 'cakeflour_spooned'],
            ['cake-flour', 'sifted', 'cakeflour_sifted'],
            ['cake-flour', 'scooped', 'cakeflour_scooped'],
            ['bread-flour', '', 'breadflour_spooned'],
            ['bread-flour', 'sifted', 'breadflour_sifted'],
            ['bread-flour', 'scooped', 'breadflour_scooped'],
            ['dutch-cocoa', '', 'dutchcocoa_spooned'],
            ['dutch-cocoa', 'sifted', 'dutchcocoa_sifted'],
            ['cocoa', 'packed', 'cocoa_scooped'],
            ['sour-cream', '', 'sourcream'],
            ['molasses', '', 'molasses'],
            ['corn-syrup', '', 'cornsyrup'],
            ['shortening', '', 'shortening'],
            ['salt', '', 'salt'],
            ['salt', 'kosher', 'koshersalt'],
            ['baking-powder', '', 'baking_powder'],
        ];
        $known = [];
        foreach ($rows as $row) {
            $known[trim("$row[0] $row[1]")] = $row;
        }

        return $known;
    }

    public function test_small_things(): void
    {
        $larder = self::core()->larder;
        self::assertEqualsWithDelta(
            $this->asked('1 stickbutter', 'g'),
            $larder->portion($larder->get('butter'), 'stick')->value,
            0.1,
        );
        self::assertEqualsWithDelta($this->asked('egg', 'g'), $larder->portion($larder->get('egg'), '')->value, 0.1);
        self::assertEqualsWithDelta(
            $this->asked('eggwhite', 'g'),
            $larder->portion($larder->get('egg-white'), '')->value,
            0.1,
        );
        self::assertEqualsWithDelta(18.6, $larder->portion($larder->get('egg-yolk'), '')->value, 0.1);
    }

    public function test_heats(): void
    {
        foreach ([0.25, 0.5, 1, 4, 9] as $mark) {
            self::assertEqualsWithDelta(
                $this->asked("gasmark($mark)", 'tempC'),
                Temperature::gasMark($mark, 275)->celsius,
                0.6,
            );
        }
        self::assertEqualsWithDelta($this->asked('tempF(350)', 'tempC'), Temperature::fahrenheit(350)->celsius, 1e-6);
        self::assertEqualsWithDelta(
            $this->asked('tempC(180)', 'tempF'),
            Temperature::celsius(180)->inFahrenheit(),
            1e-6,
        );
    }

    private function asked(string $from, string $to): float
    {
        $process = proc_open(
            ['units', '-t', '-d', '12', $from, $to],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            null,
            ['UNITS_ENGLISH' => 'US', 'HOME' => '/nonexistent', 'PATH' => (string) getenv('PATH')],
        );
        $said = trim((string) stream_get_contents($pipes[1]).stream_get_contents($pipes[2]));
        self::assertIsNumeric($said, "units '$from' '$to'");
        proc_close($process);

        return (float) $said;
    }
}
