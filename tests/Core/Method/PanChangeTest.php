<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Quantity\Pan;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class PanChangeTest extends CoreCase
{
    /** A round pan of 20 cm is 314 cm², one of 24 cm 452: 1.44 times as much stands as deep. */
    public function test_area_and_volume(): void
    {
        [$small, $large] = [Pan::round(20, 5), Pan::round(24, 7.5)];
        self::assertEqualsWithDelta(1.44, PanChange::byArea($small, $large), 1e-9);
        self::assertEqualsWithDelta(2.16, PanChange::byVolume($small, $large), 1e-9);
        self::assertNull(PanChange::byVolume($small, Pan::round(24)));
    }

    /** Below, at and above the tenth of depth from which the time changes. */
    #[DataProvider('depths')]
    public function test_the_time_follows_the_depth(float $scale, float $depth, ?float $time): void
    {
        $change = PanChange::of(Pan::rectangular(20, 20), Pan::rectangular(20, 20), $scale, self::core()->constants);
        self::assertEqualsWithDelta($depth, $change->depth, 1e-9);
        self::assertEqualsWithDelta($time ?? 1.0, $change->timeFactor, 0.005);
        self::assertSame($time === null, $change->sentence() === '');
    }

    /**
     * @return array<string, array{float, float, ?float}> common practice: half as deep again takes about a third
     *     longer
     */
    public static function depths(): array
    {
        return [
            'a little less: as long' => [0.91, 0.91, null],
            'a tenth less' => [0.9, 0.9, 0.929],
            'as deep' => [1.0, 1.0, null],
            'half as deep again' => [1.5, 1.5, 1.328],
            'twice' => [2.0, 2.0, 1.625],
        ];
    }

    public function test_the_method_and_the_browning_follow_the_pan(): void
    {
        $text =
            "Loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g butter\n\nMethod\nBake in a 20 x 30 cm tin at 180 °C for 30 minutes.";
        $pan = ['to' => ['length' => 20.0, 'width' => 15.0, 'round' => false, 'depth' => null]];
        [$wide, $narrow] = [self::work($text), self::work($text, ['pan' => $pan])];
        self::assertSame('Bake in a 20 x 30 cm tin at 170 °C for 35 minutes.', $wide->steps()[1]->text());
        // 30 minutes, a tenth more for nut flour, and 2^0.7 for twice the depth.
        self::assertSame('Bake in a 20 x 30 cm tin at 170 °C for 55 minutes.', $narrow->steps()[1]->text());
        self::assertLessThanOrEqual(
            $wide->swap->after->gramsOf('allulose'),
            $narrow->swap->after->gramsOf('allulose'),
            'longer in the oven, less of what browns',
        );
    }

    public function test_a_pan_of_no_size_is_refused(): void
    {
        foreach ([[0, 10, null], [10, -1, null], [101, 10, null], [10, 10, 0]] as [$length, $width, $depth]) {
            try {
                Pan::rectangular($length, $width, $depth);
                self::fail('it was taken');
            } catch (InvalidArgumentException $fault) {
                self::assertStringContainsString('measured in cm', $fault->getMessage());
            }
        }
        self::assertEqualsWithDelta(
            5.08,
            (float) self::core()->reading()->pans->in('Pour into a 9 x 13 x 2 inch pan.')?->depth,
            1e-9,
        );
    }
}
