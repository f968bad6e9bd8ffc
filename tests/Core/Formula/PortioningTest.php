<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Aglyca\Core\Formula\Batch;
use Aglyca\Core\Formula\Leftover;
use Aglyca\Core\Formula\Portioning;
use Aglyca\Core\Formula\Way;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PortioningTest extends TestCase
{
    /** 965 g of dough: 22 pieces of 42 g are 924 g, and 41 g are over. */
    #[DataProvider('rests')]
    public function test_what_is_over_goes_where_the_baker_says(
        Leftover $rest,
        float $each,
        float $over,
        int $pieces,
    ): void {
        $cut = Portioning::ofDough(Way::Target, 42.0, $rest)->cut(Batch::of(965.0, 0.1));
        self::assertSame(22.0, $cut->count);
        self::assertEqualsWithDelta($each, $cut->mixedEach(), 1e-9);
        self::assertEqualsWithDelta($each * 0.9, $cut->bakedEach(), 1e-9);
        self::assertEqualsWithDelta($over, $cut->mixedRest(), 1e-9);
        self::assertCount($pieces, $cut->pieces());
        self::assertEqualsWithDelta(1.0, array_sum($cut->pieces()) + $cut->aside, 1e-12);
    }

    /** @return array<string, array{Leftover, float, float, int}> */
    public static function rests(): array
    {
        return [
            'spread over the others: 965 / 22' => [Leftover::Spread, 965 / 22, 0.0, 22],
            'one small one more' => [Leftover::Small, 42.0, 41.0, 23],
            'set aside' => [Leftover::Aside, 42.0, 41.0, 22],
        ];
    }

    /** Below, at and above what makes one more piece. */
    #[DataProvider('edges')]
    public function test_a_hair_under_a_piece_is_a_piece(float $dough, float $count): void
    {
        self::assertSame(
            $count,
            Portioning::ofDough(Way::Scoop, 40.0, Leftover::Aside)->cut(Batch::of($dough, 0.0))->count,
        );
    }

    /** @return array<string, array{float, float}> */
    public static function edges(): array
    {
        return [
            'below' => [959.0, 23.0],
            'a hair below' => [959.5, 24.0],
            'at' => [960.0, 24.0],
            'above' => [999.0, 24.0],
            'less than one' => [12.0, 1.0],
        ];
    }

    public function test_the_whole_as_weighed_goes_before_what_was_reckoned(): void
    {
        $batch = Batch::of(1000.0, 0.11, 980.0, 850.0);
        self::assertEqualsWithDelta(1 - 850 / 980, $batch->loss(), 1e-12);
        $cut = Portioning::ofBaked(85.0, Leftover::Spread)->cut($batch);
        self::assertSame([10.0, 98.0, 85.0], [$cut->count, round($cut->mixedEach(), 6), round($cut->bakedEach(), 6)]);
    }

    public function test_unequal_pieces_are_the_whole_together(): void
    {
        $cut = Portioning::unequal([60.0, 90.0, 50.0])->cut(Batch::of(500.0, 0.1));
        self::assertEqualsWithDelta([0.3, 0.45, 0.25], $cut->pieces(), 1e-12);
    }

    public function test_what_cannot_be_cut_is_refused_in_words(): void
    {
        foreach (
            [
                fn () => Portioning::pieces(0),
                fn () => Portioning::pieces(1001),
                fn () => Portioning::grid(0, 4),
                fn () => Portioning::grid(4, 41),
                fn () => Portioning::ofDough(Way::Target, 0, Leftover::Aside),
                fn () => Portioning::unequal([]),
                fn () => Portioning::unequal([5.0, -1.0]),
                fn () => Batch::of(0, 0.1),
            ] as $i => $wrong
        ) {
            try {
                $wrong();
                self::fail("$i was taken");
            } catch (InvalidArgumentException $fault) {
                self::assertMatchesRegularExpression('~^[A-Z].*\.$~', $fault->getMessage());
            }
        }
    }
}
