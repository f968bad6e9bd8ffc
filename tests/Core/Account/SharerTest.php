<?php

declare(strict_types=1);

namespace Tests\Core\Account;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Kind;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Formula\Topping;
use Aglyca\Core\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class SharerTest extends CoreCase
{
    private const COOKIES = "Jam hearts\nMakes 24 cookies\n200 g sugar\n300 g flour\n200 g butter\n1 egg\n\nFor the filling:\n160 g raspberry jam\n\nFor the glaze:\n120 g icing sugar\n2 tbsp lemon juice";

    /**
     * @return iterable<string, array{string, array<string, mixed>}> every dessert by every way of portioning, placing
     *     and using in part
     */
    public static function ways(): iterable
    {
        $portions = [
            'pieces' => [],
            'grid' => ['way' => 'grid', 'across' => 4, 'along' => 3],
            'scoop, spread' => ['way' => 'scoop', 'scoop' => '40', 'rest' => 'spread'],
            'scoop, small' => ['way' => 'scoop', 'scoop' => '30', 'rest' => 'small'],
            'target of dough, aside' => ['way' => 'target', 'each' => 37.0, 'of' => 'dough', 'rest' => 'aside'],
            'target baked, small' => ['way' => 'target', 'each' => 55.0, 'of' => 'baked', 'rest' => 'small'],
            'unequal' => ['way' => 'unequal', 'masses' => [60.0, 80.0, 41.0, 60.0]],
        ];
        $placements = [
            'over all' => [],
            'on five' => [1 => ['spread' => 'some', 'pieces' => 5]],
            'two spoons each' => [1 => ['spread' => 'each', 'amount' => 2.0, 'unit' => 'tsp']],
            'more than there is' => [1 => ['spread' => 'each', 'amount' => 5.0, 'unit' => 'tbsp']],
            'at the table' => [
                1 => ['spread' => 'table', 'amount' => 20.0, 'unit' => 'g'],
                2 => ['spread' => 'some', 'pieces' => 3],
            ],
        ];
        foreach ([...self::desserts(), 'jam hearts' => [self::COOKIES]] as $name => [$text]) {
            foreach ($portions as $p => $portion) {
                foreach ($placements as $q => $placement) {
                    yield "$name, $p, $q" => [
                        $text,
                        [
                            'portion' => $portion,
                            'placements' => $placement,
                            'weighed_mixed' => $p === 'pieces' ? 700.0 : null,
                        ],
                    ];
                }
            }
        }
    }

    /**
     * All pieces, what goes on at the table and what is left over are all that went in: every nutrient, both sides.
     *
     * @param  array<string, mixed>  $sharing
     */
    #[DataProvider('ways')]
    public function test_the_sum_of_the_pieces_is_the_whole(string $text, array $sharing): void
    {
        $key = self::work($text)->recipe->lines[0]->key;
        $conversion = self::work($text, ['sharing' => [...$sharing, 'used' => [$key => 0.6]]]);
        foreach ([$conversion->before, $conversion->after] as $account) {
            $sum = self::sum($account);
            self::assertEqualsWithDelta($account->whole()->carbohydrate, $sum['carbohydrate'], 1e-6);
            self::assertEqualsWithDelta($account->whole()->energy, $sum['energy'], 1e-5);
            self::assertEqualsWithDelta($account->whole()->fibre, $sum['fibre'], 1e-6);
            self::assertEqualsWithDelta($account->formula->mass(), $sum['mass'], 1e-6);
            self::assertGreaterThan(0, $account->net(Convention::LowCarb));
        }
        self::assertSame(
            $conversion->before->formula->pieces,
            $conversion->after->formula->pieces,
            'both sides are cut alike',
        );
    }

    /** @return array{carbohydrate: float, energy: float, fibre: float, mass: float} */
    private static function sum(Account $account): array
    {
        $sharer = self::core()->desk->sharer;
        $all = array_map(static fn (Kind $k): array => [$k->count, $k->serving], $sharer->kinds($account));
        self::assertEqualsWithDelta(
            $sharer->all($account)->sum->carbohydrate,
            array_sum(array_map(static fn (array $k): float => $k[0] * $k[1]->sum->carbohydrate, $all)),
            1e-6,
        );
        $all[] = [1.0, $sharer->left($account)];
        // What waits for the table is all still there.
        $waiting = [];
        foreach ($account->formula->doses as $dose) {
            $isTable = $account->formula->layout?->placement($dose->component)->spread === Spread::Table;
            $waiting[] = $isTable ? $dose->used : 0.0;
        }
        $all[] = [1.0, self::core()->accountant->serve('', $account->formula->doses, $waiting)];
        $sum = ['carbohydrate' => 0.0, 'energy' => 0.0, 'fibre' => 0.0, 'mass' => 0.0];
        foreach ($all as [$count, $serving]) {
            $sum['carbohydrate'] += $count * $serving->sum->carbohydrate;
            $sum['energy'] += $count * $serving->sum->energy;
            $sum['fibre'] += $count * $serving->sum->fibre;
            $sum['mass'] += $count * $serving->mass();
        }

        return $sum;
    }

    /**
     * By hand: dough 200 + 300 + 200 + 50 = 750 g, 24 pieces. Icing sugar 120 g at 99.8 % on 8 of them: 14.97 g each
     * on those, none on the others; the glaze's lemon juice is 30.4 g.
     */
    public function test_frosted_and_plain_are_counted_apart(): void
    {
        $conversion = self::work(self::COOKIES, [
            'sharing' => ['placements' => [2 => ['spread' => 'some', 'pieces' => 8]]],
        ]);
        [$with, $without] = self::core()->desk->sharer->kinds($conversion->before);
        self::assertSame([8.0, 16.0], [(float) $with->count, (float) $without->count]);
        self::assertSame(['with glaze', 'without glaze'], [$with->name, $without->name]);
        $lemon = $conversion->before->formula->doses[6]->nutrients()->carbohydrate / 8;
        self::assertEqualsWithDelta(
            (0.998 * 120) / 8 + $lemon,
            $with->serving->sum->carbohydrate - $without->serving->sum->carbohydrate,
            1e-9,
        );
        self::assertEqualsWithDelta(
            $conversion->before->piece->carbohydrate,
            (8 * $with->serving->sum->carbohydrate + 16 * $without->serving->sum->carbohydrate) / 24,
            1e-9,
        );
    }

    /** With and without: the filling is what the piece has more with it. */
    public function test_a_piece_without_one_of_its_parts(): void
    {
        $account = self::work(self::COOKIES)->before;
        $without = self::core()->desk->sharer->without($account, 1);
        self::assertEqualsWithDelta(
            $account->formula->doses[4]->nutrients()->carbohydrate / 24,
            $account->piece->carbohydrate - $without->sum->carbohydrate,
            1e-9,
        );
        self::assertEqualsWithDelta($account->pieceMass() - 160 / 24, $without->mass(), 1e-9);
    }

    /** 24 times 5 g of filling are 120 of 160 g: a quarter is left over, and not in the count. */
    public function test_so_much_on_each_leaves_the_rest_out_of_the_count(): void
    {
        $all = self::work(self::COOKIES)->before;
        $each = self::work(self::COOKIES, [
            'sharing' => ['placements' => [1 => ['spread' => 'each', 'amount' => 5.0, 'unit' => 'g']]],
        ])->before;
        $jam = $all->formula->doses[4]->nutrients()->carbohydrate;
        self::assertEqualsWithDelta(
            $all->piece->carbohydrate - $jam / 24 + ($jam * 5) / 160,
            $each->piece->carbohydrate,
            1e-9,
        );
        self::assertEqualsWithDelta(0.25 * $jam, self::core()->desk->sharer->left($each)->sum->carbohydrate, 1e-9);
    }

    public function test_a_topping_is_added_at_the_table_and_a_piece_may_be_halved(): void
    {
        $brief = [
            'sharing' => [
                'toppings' => [['name' => 'Cream', 'text' => "30 g whipping cream\n1 tsp sugar"]],
                'eaten' => 0.5,
            ],
        ];
        $conversion = self::work(self::COOKIES, $brief);
        $eaten = $conversion->side(Side::Written)->eaten();
        $cream = self::kernel()->topping(new Topping('Cream', "30 g whipping cream\n1 tsp sugar"));
        self::assertSame([], $cream->unread);
        $topping = array_sum(
            array_map(static fn ($d): float => $d->food->nutrients($d->mass())->carbohydrate, $cream->doses),
        );
        self::assertEqualsWithDelta(
            ($conversion->before->piece->carbohydrate + $topping) / 2,
            $eaten->sum->carbohydrate,
            1e-9,
        );
    }

    /**
     * Half of what is rolled in stays on: the line counts half, and its range is wider for not knowing quite how much.
     */
    public function test_a_line_used_in_part_counts_in_part(): void
    {
        $text = "Snaps\nMakes 10 cookies\n100 g flour\n80 g sugar\n50 g sugar, for rolling";
        $key = self::work($text)->recipe->lines[2]->key;
        [$all, $half] = [self::work($text), self::work($text, ['sharing' => ['used' => [$key => 0.5]]])];
        self::assertEqualsWithDelta(
            (0.5 * 0.9998 * 50) / 10,
            $all->before->piece->carbohydrate - $half->before->piece->carbohydrate,
            1e-9,
        );
        self::assertGreaterThan($all->before->netCarbs(Convention::LowCarb)->u, $half->before->netCarbs(Convention::LowCarb)->u);
        self::assertLessThan(
            array_sum($all->after->piece->polyols),
            array_sum($half->after->piece->polyols),
            'what took its place is used in part too',
        );
    }
}
