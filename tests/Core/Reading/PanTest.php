<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Reading\PanReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class PanTest extends CoreCase
{
    private static function pans(): PanReader
    {
        return new PanReader(new Lexer(self::tables()), new Numbers(self::tables(), new Lexicon(self::tables())));
    }

    #[DataProvider('sizes')]
    public function test_a_pan_is_read_with_its_area(string $text, ?float $area): void
    {
        $pan = self::pans()->in($text);
        $area === null ? self::assertNull($pan) : self::assertEqualsWithDelta($area, $pan?->area(), 1);
    }

    /** @return array<string, array{string, ?float}> */
    public static function sizes(): array
    {
        $rows = [
            ['Line an 8-inch square pan.', 20.32 ** 2],
            ['Grease a 9x13 inch pan', 22.86 * 33.02],
            ['a 20 cm round cake tin', M_PI * 100],
            ['a 23cm springform tin', M_PI * 11.5 ** 2],
            ['a 20 x 30 cm tray', 600],
            ['a 9 x 5-inch loaf pan', 22.86 * 12.7],
            ['a 9½ inch tart tin', M_PI * (9.5 * 2.54 / 2) ** 2],
            ['a nine-inch tin', null],
            ['Bake for 20 minutes in the pan', null],
            ['a 200 x 300 cm tray', null],
            ['a 2 cm mould', null],
            ['a 9x13 pan', null],
            ['a 230 mm tin', null],
            ['2 tins of beans', null],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }
}
