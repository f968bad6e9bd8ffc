<?php

declare(strict_types=1);

namespace Tests\Core\Account;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Cost;
use Aglyca\Core\Account\Figure;
use Aglyca\Core\Account\Limit;
use Aglyca\Core\Account\PricedSweetener;
use Aglyca\Core\Account\Statement;
use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Larder\Package;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class StatementTest extends CoreCase
{
    private const LOAF = "Loaf\nMakes 10 slices\n2 cups sugar\n3 cups flour\n3 eggs\n100 g butter\n1 tsp salt";

    /** JCGM 101: the amounts and the foods' facts drawn at random, every figure's middle 95 %. */
    public function test_the_range_of_every_figure_agrees_with_monte_carlo(): void
    {
        $account = self::account(self::LOAF);
        mt_srand(5);
        $normal = static fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_001)) *
            cos((2 * M_PI * mt_rand()) / mt_getrandmax());
        $draws = [];
        for ($i = 0; $i < 12_000; $i++) {
            $drawn = array_map(
                static fn ($d): array => [
                    ($d->grams->value + $d->grams->u * $normal()) / 1000,
                    1 + $d->food->u * $normal(),
                    $d->food->per100,
                ],
                $account->formula->doses,
            );
            foreach (Figure::cases() as $figure) {
                $draws[$figure->value][] = array_sum(
                    array_map(static fn (array $d): float => $d[0] * $d[1] * $figure->of($d[2]), $drawn),
                );
            }
        }
        foreach (Figure::cases() as $figure) {
            sort($draws[$figure->value]);
            $estimate = self::core()->accountant->figure($account->serving, $figure);
            $tolerance = 0.08 * 4 * $estimate->u + 1e-6;
            self::assertEqualsWithDelta(
                $estimate->low(2.0),
                max(0.0, $draws[$figure->value][273]),
                $tolerance,
                $figure->value,
            );
            self::assertEqualsWithDelta(
                $estimate->high(2.0),
                $draws[$figure->value][11_726],
                $tolerance,
                $figure->value,
            );
        }
    }

    /** @return array<string, array{Convention}> */
    public static function conventions(): array
    {
        return array_map(static fn (Convention $c): array => [$c], array_column(Convention::cases(), null, 'value'));
    }

    /** However it is told, it is the same figure: a piece, twice the half of it, the whole over its pieces. */
    #[DataProvider('desserts')]
    public function test_servings_are_in_proportion(string $text): void
    {
        $conversion = self::work($text);
        $accountant = self::core()->accountant;
        $pieces = $conversion->after->formula->pieces;
        $whole = $accountant->times($conversion->after->serving, $pieces, 'whole');
        $statement = Statement::of(
            $accountant,
            [$conversion->after->serving, $whole, $conversion->side(Side::Swapped)->hundred()],
            Convention::LowCarb,
        );
        foreach ($statement->rows as $row) {
            self::assertEqualsWithDelta(
                $row->estimates[0]->value * $pieces,
                $row->estimates[1]->value,
                1e-6 * max(1.0, $row->estimates[1]->value),
                $row->key,
            );
            self::assertEqualsWithDelta(
                $row->estimates[0]->u * $pieces,
                $row->estimates[1]->u,
                1e-6 * max(1.0, $row->estimates[1]->u),
                $row->key,
            );
        }
        self::assertEqualsWithDelta(
            $conversion->after->net(Convention::LowCarb),
            $statement->row('net')->estimates[0]->value,
            0.0,
        );
        $polyols = array_sum(
            array_map(static fn ($r): float => $r->isPart ? $r->estimates[0]->value : 0.0, $statement->rows),
        );
        self::assertEqualsWithDelta(
            $conversion->after->piece->polyolGrams(),
            $polyols,
            1e-9,
            'by name they are all of them',
        );
        $hundred = $conversion->side(Side::Swapped)->hundred();
        self::assertEqualsWithDelta(100.0, $hundred->mass() * (1 - $conversion->family()->bakeLoss), 1e-9);
    }

    /**
     * The fewest pieces that keep the limit, and one fewer that does not; the most that may be had, and half a piece
     * more that may not.
     */
    #[DataProvider('conventions')]
    public function test_the_limit_is_kept_just(Convention $convention): void
    {
        $account = self::work(
            "Loaf\nMakes 8 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g butter\n60 g xylitol\n100 g flaxseed",
        )->after;
        $accountant = self::core()->accountant;
        $net = static fn (float $pieces): float => $accountant
            ->times($account->serving, $pieces, '')
            ->net($convention);
        foreach ([1.5, 4.0, 9.0, 30.0] as $grams) {
            $limit = Limit::of($account, $accountant, $convention, $grams);
            self::assertLessThanOrEqual($grams + 1e-6, $net(8 / $limit->pieces));
            self::assertEqualsWithDelta($account->formula->mass(), $limit->each * $limit->pieces, 1e-6);
            if ($limit->pieces > 1 && $convention !== Convention::Clinic) {
                self::assertGreaterThan($grams, $net(8 / ($limit->pieces - 1)));
            }
            self::assertLessThanOrEqual($grams + 1e-6, $net(max($limit->had, 1e-9)));
            self::assertTrue($limit->isMost() || $net($limit->had + 0.5) > $grams);
        }
    }

    /** By hand: 200 g sugar are 199.96 g of 10 slices; without it 20.0 g less, halved 10.0 g less. */
    public function test_what_a_line_would_do_if_it_were_not_there(): void
    {
        $account = self::account("Loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs");
        $whatIf = self::core()->desk->whatIf;
        $total = $account->net(Convention::LowCarb);
        self::assertEqualsWithDelta(
            $total - 19.996,
            $whatIf->at($account->serving, 0, 0.0)->net(Convention::LowCarb),
            1e-6,
        );
        self::assertEqualsWithDelta(
            $total - 9.998,
            $whatIf->at($account->serving, 0, 0.5)->net(Convention::LowCarb),
            1e-6,
        );
        foreach ([...Convention::cases(), ...Figure::cases()] as $measure) {
            foreach ([0.0, 0.5] as $share) {
                self::assertEqualsWithDelta(
                    $whatIf->total($whatIf->at($account->serving, 1, $share), $measure),
                    $whatIf->totalAt($account->serving, 1, $share, $measure),
                    1e-9,
                );
            }
        }
        $almond = self::core()->larder->get('almond-flour');
        $flour = $account->contributions(Convention::LowCarb)[1];
        self::assertEqualsWithDelta(
            $total - $flour + (25 * ($almond->per100->carbohydrate - $almond->per100->fibre)) / 100,
            $whatIf->exchanged($account->serving, 1, $almond)->net(Convention::LowCarb),
            1e-9,
        );
        self::assertEqualsWithDelta(
            array_sum($whatIf->carried($account->serving, Figure::Protein)),
            $whatIf->total($account->serving, Figure::Protein),
            1e-9,
        );
    }

    private static function priced(): Kernel
    {
        $label = static fn (string $carbs, string $polyols): Label => Label::of(
            LabelLaw::EuUk,
            100.0,
            ['energy' => '0', 'carbohydrate' => $carbs, 'polyols' => $polyols],
            'erythritol',
        );

        return Kernel::open(
            self::tables(),
            new Stock(
                [],
                [
                    '1' => Package::priced('1', 'Tall jar', 'erythritol-powdered', $label('100', '100'), 12.0, 1000.0),
                    '2' => Package::priced('2', 'Small jar', 'erythritol', $label('100', '100'), 5.0, 250.0),
                    '3' => Package::priced(
                        '3',
                        'Shop brownie',
                        '',
                        Label::of(
                            LabelLaw::UsCanada,
                            40.0,
                            [
                                'energy' => '130',
                                'fat' => '8',
                                'carbohydrate' => '16',
                                'fibre' => '5',
                                'polyols' => '6',
                                'protein' => '3',
                            ],
                            'erythritol',
                        ),
                        2.4,
                        40.0,
                    ),
                ],
                ['erythritol-powdered' => '1'],
            ),
        );
    }

    /**
     * By hand: 100 g at 12.00 a kilo are 1.20; the sweetness of 100 g sugar takes 153.8 g erythritol at 0.65, 1.85
     * from the tall jar and 3.08 from the small.
     */
    public function test_cost_and_the_price_of_sweetness(): void
    {
        $kernel = self::priced();
        $account = $kernel->account(
            new Brief("Syrup\nMakes 4 pots\n100 g powdered erythritol\n50 g butter\n200 g water"),
        );
        $cost = Cost::of($account->formula, 2.0);
        self::assertEqualsWithDelta([1.2, 0.3], [$cost->batch, $cost->piece], 1e-9);
        self::assertSame(['Unsalted butter'], $cost->unpriced);
        self::assertFalse($cost->isComplete());
        $prices = $kernel->catalogue->sweetenerPrices(100.0, Convention::LowCarb);
        self::assertSame(
            ['Tall jar', 'Small jar'],
            array_map(static fn (PricedSweetener $r): string => $r->food->bag, $prices),
        );
        self::assertEqualsWithDelta([(0.012 * 100) / 0.65, (0.02 * 100) / 0.65], array_column($prices, 'price'), 1e-9);
    }

    /**
     * A label from a shop beside a slice of one's own: 16 − 5 − 6 = 5 g net in its 40 g. The rounding of each figure
     * doubts it, by the root of 3/12 g, and the tolerance of its law: a fifth of 5 g, as twice the uncertainty.
     */
    public function test_home_made_beside_a_shops_label(): void
    {
        $kernel = self::priced();
        $bought = $kernel->catalogue->bought('3', 40.0);
        self::assertEqualsWithDelta(5.0, $bought->net(Convention::LowCarb), 1e-6);
        self::assertEqualsWithDelta($bought->netCarbs(Convention::LowCarb)->u, $bought->netCarbs(Convention::LowCarb)->u, 1e-6);
        $mine = $kernel->account(new Brief("Cake\nMakes 10 slices\n200 g sugar\n250 g flour"))->serving;
        $row = Statement::of(self::core()->accountant, [$mine, $bought], Convention::LowCarb)->row('net');
        self::assertTrue($row->isClear(2.0));
        self::assertEqualsWithDelta(5.0 - $mine->net(Convention::LowCarb), $row->difference()->value, 1e-6);
        self::assertFalse(
            Statement::of(self::core()->accountant, [$bought, $bought], Convention::LowCarb)
                ->row('carbohydrate')
                ->isClear(2.0),
        );
    }
}
