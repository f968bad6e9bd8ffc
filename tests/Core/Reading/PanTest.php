<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Reading\PanReader;
use Aglyca\Core\Reading\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class PanTest extends CoreCase
{
    #[DataProvider('pans')]
    public function test_a_pan_is_read_with_its_area(string $text, ?float $area): void
    {
        $pan = (new PanReader(new Words(self::tables())))->in($text);
        $area === null ? self::assertNull($pan) : self::assertEqualsWithDelta($area, $pan?->area(), 1);
    }

    /** @return array<string, array{string, ?float}> */
    public static function pans(): array
    {
        $rows = [
            ['Line an 8-inch square pan.', 20.32 ** 2],
            ['Grease a 9x13 inch pan', 22.86 * 33.02],
            ['a 20 cm round cake tin', M_PI * 100],
            ['a 23cm springform tin', M_PI * 11.5 ** 2],
            ['a 20 x 30 cm tray', 600],
            ['a 9 x 5-inch loaf pan', 22.86 * 12.7],
            ['Bake for 20 minutes in the pan', null],
            ['2 tins of beans', null],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }
}
