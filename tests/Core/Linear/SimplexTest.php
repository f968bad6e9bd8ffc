<?php

declare(strict_types=1);

namespace Tests\Core\Linear;

use Aglyca\Core\Linear\DualSimplex;
use Aglyca\Core\Linear\Programme;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Linear\Simplex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Programmes small enough to solve on paper. */
final class SimplexTest extends TestCase
{
    /**
     * @param  list<float>  $costs
     * @param  list<float>  $most
     * @param  list<Row>  $rows
     * @param  list<float>  $grams
     */
    #[DataProvider('programmes')]
    public function test_the_optimum_is_the_one_on_paper(
        array $costs,
        array $most,
        array $rows,
        array $grams,
        float $objective,
    ): void {
        $solution = Simplex::solve(new Programme($costs, $most, $rows));
        self::assertEqualsWithDelta($grams, $solution->grams, 1e-9);
        self::assertEqualsWithDelta($objective, $solution->objective, 1e-9);
    }

    /** @return array<string, array{list<float>, list<float>, list<Row>, list<float>, float}> */
    public static function programmes(): array
    {
        $row = static fn (
            array $a,
            float $low,
            float $high,
            float $weight = 10.0,
            float $scale = 1.0,
            int $of = -1,
        ): Row => new Row('bulk', $a, $low, $high, $weight, $scale, $of);

        return [
            'nothing asked: nothing used' => [[1.0], [INF], [], [0.0], 0.0],
            'a floor is met as cheaply as can be' => [
                [3.0, 1.0],
                [INF, INF],
                [$row([1.0, 1.0], 10.0, INF)],
                [0.0, 10.0],
                10.0,
            ],
            'the cheap one has a bound' => [[3.0, 1.0], [INF, 4.0], [$row([1.0, 1.0], 10.0, INF)], [6.0, 4.0], 22.0],
            'missing it is dearer than meeting it' => [[5.0], [INF], [$row([1.0], 10.0, INF, 10.0)], [10.0], 50.0],
            'meeting it is dearer than missing it' => [[50.0], [INF], [$row([1.0], 10.0, INF, 10.0)], [0.0], 100.0],
            'a ceiling binds a row that pulls up' => [
                [0.0],
                [INF],
                [$row([1.0], 20.0, INF, 1.0), $row([1.0], -INF, 8.0, 10.0)],
                [8.0],
                12.0,
            ],
            'a band that holds already costs nothing' => [
                [0.0, 2.0],
                [INF, INF],
                [$row([1.0, 0.0], 5.0, 7.0, 10.0), $row([1.0, 1.0], -INF, 9.0, 10.0)],
                [5.0, 0.0],
                0.0,
            ],
            'two rows fix two amounts' => [
                [0.0, 0.0],
                [INF, INF],
                [$row([1.0, 1.0], 10.0, 10.0), $row([1.0, -1.0], 2.0, 2.0)],
                [6.0, 4.0],
                0.0,
            ],
            'what is usual, where nothing else speaks' => [
                [0.0],
                [INF],
                [$row([1.0], 12.0, 12.0, 0.1, 12.0, 0)],
                [12.0],
                0.0,
            ],
            'what is usual gives way to a rule' => [
                [0.0],
                [INF],
                [$row([1.0], 12.0, 12.0, 0.1, 12.0, 0), $row([2.0], -INF, 10.0, 10.0)],
                [5.0],
                (0.1 / 12) * 7,
            ],
            'scale: missing by two of a scale of two costs one weight' => [
                [100.0],
                [INF],
                [$row([1.0], 2.0, INF, 3.0, 2.0)],
                [0.0],
                3.0,
            ],
        ];
    }

    /** The price of a row is what the objective falls by where the bound gives way by one. */
    public function test_prices_are_what_a_bound_is_worth(): void
    {
        $programme = static fn (float $most): Programme => new Programme(
            [0.0],
            [INF],
            [new Row('sweetness', [1.0], 20.0, INF, 2.0, 1.0), new Row('browning', [0.5], -INF, $most, 50.0, 1.0)],
        );
        $tight = Simplex::solve($programme(4.0));
        self::assertEqualsWithDelta(8.0, $tight->grams[0], 1e-9);
        self::assertEqualsWithDelta(
            $tight->objective - Simplex::solve($programme(5.0))->objective,
            abs($tight->prices[1]),
            1e-9,
        );
        self::assertEqualsWithDelta(-12.0, $tight->misses[0], 1e-9, 'twelve short of twenty');
        self::assertEqualsWithDelta(0.0, $tight->misses[1], 1e-9);
    }

    /** Holding a variable leaves the rest as it would be chosen beside it, and the optimum itself as it was. */
    public function test_holding_one_amount(): void
    {
        $programme = new Programme([1.0, 2.0], [INF, INF], [new Row('bulk', [1.0, 1.0], 10.0, INF, 10.0, 1.0)]);
        $optimum = Simplex::optimum($programme);
        foreach ([[0.0, 10.0, 20.0], [3.0, 7.0, 17.0], [10.0, 0.0, 10.0], [12.0, 0.0, 12.0]] as [$held, $rest, $costs]) {
            $solution = DualSimplex::holding($optimum, 0, $held);
            self::assertEqualsWithDelta([$held, $rest], $solution->grams, 1e-9);
            self::assertEqualsWithDelta($costs, $solution->objective, 1e-9);
        }
        self::assertEqualsWithDelta([10.0, 0.0], $optimum->solution()->grams, 1e-9);
        self::assertStringContainsString('Minimize', $programme->lp());
    }

    /** What another one is held at is missed by a row that cannot be met beside it, at the row's price. */
    public function test_a_row_that_cannot_be_kept_beside_what_is_held_is_missed(): void
    {
        $programme = new Programme(
            [0.0, 0.0],
            [INF, 4.0],
            [new Row('bulk', [1.0, 1.0], 10.0, 12.0, 3.0, 1.0), new Row('browning', [1.0, 0.0], -INF, 9.0, 5.0, 1.0)],
        );
        $optimum = Simplex::optimum($programme);
        self::assertEqualsWithDelta(0.0, $optimum->solution()->objective, 1e-9);
        $few = DualSimplex::holding($optimum, 0, 5.0);
        self::assertEqualsWithDelta([5.0, 4.0], $few->grams, 1e-9);
        self::assertEqualsWithDelta([-1.0, 0.0], $few->misses, 1e-9);
        self::assertEqualsWithDelta(3.0, $few->objective, 1e-9);
        $much = DualSimplex::holding($optimum, 0, 13.0);
        self::assertEqualsWithDelta([1.0, 4.0], $much->misses, 1e-9);
        self::assertEqualsWithDelta(3.0 + 20.0, $much->objective, 1e-9);
    }
}
