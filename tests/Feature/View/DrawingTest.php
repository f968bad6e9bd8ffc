<?php

declare(strict_types=1);

namespace Tests\Feature\View;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Swap\AmountKey;
use App\Support\History;
use App\Support\Number;
use App\View\DifferenceRows;
use App\View\Figures;
use App\View\Ladder;
use App\View\Weave;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Drawings are to scale, figures are rounded once, and what is typed is read as it is meant. */
final class DrawingTest extends CoreCase
{
    private static function loaf(): Conversion
    {
        return self::work(
            "Loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n120 g butter\n100 g milk\n1 tsp salt",
        );
    }

    /** Ribbons leave and arrive as wide as the grams, one scale for all. */
    public function test_the_weave_is_to_scale(): void
    {
        $conversion = self::loaf();
        $heaviest = max(
            array_map(static fn ($d): float => $d->mass(), [
                ...$conversion->before->formula->doses,
                ...$conversion->after->formula->doses,
            ]),
        );
        foreach (Weave::of($conversion, self::kernel()->catalogue)->groups() as $group) {
            self::assertGreaterThanOrEqual(max(count($group['left']), count($group['right'])), $group['rows']);
            preg_match_all('~M[\d.]+ [\d.]+h[\d.]+v([\d.]+)~', implode('', $group['posts']), $posts);
            foreach (
                [...array_column($group['left'], 'mass'), ...array_column($group['right'], 'mass')] as $i => $mass
            ) {
                self::assertEqualsWithDelta(max(3.0, (74.0 * $mass) / $heaviest), (float) $posts[1][$i], 0.06);
            }
            self::assertCount(count($group['left']) * count($group['right']), $group['ribbons']);
        }
    }

    /** What a group of the weave is drawn from says all of it: two that say the same look the same. */
    public function test_groups_that_are_drawn_from_the_same_look_the_same(): void
    {
        $text = "Loaf\nMakes 10 slices\n200 g sugar\n2 tbsp honey\n250 g flour\n3 eggs\n120 g butter\n1 tsp salt\n".
            "50 g gloop\n\nIcing\n80 g sugar\n60 g butter";
        $said = [
            [], ['sweetness' => 0.7], ['school' => 'coconut'], ['sweetener' => 'xylitol'], ['scale' => 2.0],
            ['without' => ['nuts']], ['refused' => ['egg']], ['pieces' => 12.0],
        ];
        $other = ['gloop' => 'gloop, chopped', 'g gloop' => 'g plums', 'salt' => 'vanilla extract', '3 eggs' => '3 eggs, beaten'];
        // What is typed in is what was worked out, and only says whose it is.
        foreach (self::work($text)->swap->exchanges as $exchange) {
            foreach ($exchange->changed ? $exchange->to : [] as $part) {
                $said[] = ['amounts' => [(string) new AmountKey($exchange->component, $part->food->key, $part->slot) => $part->grams]];
            }
        }
        $kitchens = array_map(static fn (Stock $stock): Kernel => Kernel::open(self::tables(), $stock), [
            new Stock,
            new Stock(ways: new Ways('metric', 'measures', '0.1')),
            new Stock(ways: new Ways('', 'measures')),
            new Stock(ways: new Ways('', '', '5')),
            new Stock(taught: new Taught([Taught::CUP.'almond-flour' => [90.0, 90.0, 90.0]])),
        ]);
        $seen = [];
        $drawn = 0;
        foreach (['' => '', ...$other] as $from => $to) {
            foreach ($said as $wishes) {
                $conversion = self::work(str_replace((string) $from, $to, $text), $wishes);
                foreach ($kitchens as $kitchen) {
                    foreach (Weave::of($conversion, $kitchen->catalogue)->groups() as $group) {
                        self::assertEquals($seen[$group['as']] ??= $group, $group);
                        $drawn++;
                    }
                }
            }
        }
        self::assertGreaterThan(50, count($seen));
        self::assertLessThan($drawn, count($seen));
    }

    /** The bars of the ladder are the carbs of their parts, and the limit stands where it is on the same scale. */
    public function test_the_ladder_is_to_scale(): void
    {
        $conversion = self::loaf();
        $ladder = Ladder::of($conversion, 5.0);
        $scale = 1000.0 / (max($conversion->before->net(Convention::LowCarb), 5.0) * 1.02);
        self::assertEqualsWithDelta(5.0 * $scale, (float) $ladder['limit'], 0.1);
        foreach ($ladder['bars'] as $bar) {
            $end = 0.0;
            foreach ($bar['parts'] as $part) {
                self::assertEqualsWithDelta(
                    $end,
                    (float) $part['x'],
                    2.0,
                    'a hair of a part is drawn half a unit wide',
                );
                $end = (float) $part['x'] + (float) $part['width'] + 1.5;
            }
            self::assertEqualsWithDelta((float) $bar['total'] * $scale, $end, 0.06 * $scale + 3);
        }
    }

    /** Band, before and after stand in order on their line, and none leaves it. */
    public function test_the_differences_are_within_their_lines(): void
    {
        $rows = DifferenceRows::of(self::loaf()->properties);
        self::assertGreaterThanOrEqual(8, count($rows));
        foreach ($rows as $row) {
            foreach (['before', 'after'] as $side) {
                self::assertGreaterThanOrEqual(6.0, (float) $row[$side]);
                self::assertLessThanOrEqual(194.0, (float) $row[$side]);
            }
            self::assertSame(
                $row['outside'],
                str_contains($row['said'], 'above') || str_contains($row['said'], 'below'),
                $row['name'],
            );
        }
    }

    #[DataProvider('figures')]
    public function test_figures_are_rounded_on_the_way_out(string $shown, string $expected): void
    {
        self::assertSame($expected, $shown);
    }

    /** @return array<string, array{string, string}> */
    public static function figures(): array
    {
        return [
            'grams as a scale shows them' => [Figures::grams(1234.5), '1,235'],
            'below twenty to a tenth' => [Figures::grams(12.34), '12.3'],
            'below two to a hundredth' => [Figures::grams(0.456), '0.46'],
            'a tenth of nothing' => [Figures::grams(2.0), '2'],
            'not known' => [Figures::grams(null), '–'],
            'carbs to a tenth' => [Figures::one(2.05), '2.1'],
            'pieces' => [Figures::count(12.0), '12'],
            'broken pieces' => [Figures::count(2.5), '2.5'],
            'per cent' => [Figures::percent(0.905), '91'],
            'a range' => [Figures::range(1.84, 2.31), '1.8 to 2.3'],
            'a narrow range' => [Figures::range(0.861, 0.929), '0.86 to 0.93'],
            'no range' => [Figures::range(0.0, 0.0), ''],
            'kilocalories' => [Figures::range(186.6, 201.2, 'kcal', '–'), '187–201'],
            'money' => [Figures::money(1234.5, '€'), '€ 1,234.50'],
            'money without a sign' => [Figures::money(0.125, ''), '0.13'],
        ];
    }

    #[DataProvider('typed')]
    public function test_a_number_is_read_as_it_is_typed(mixed $typed, ?float $number): void
    {
        self::assertSame($number, Number::from($typed));
    }

    /** @return array<string, array{mixed, ?float}> */
    public static function typed(): array
    {
        return [
            'point' => ['2.5', 2.5],
            'comma' => ['2,5', 2.5],
            'grams' => ['120 g', 120.0],
            'centimetres' => ['20cm', 20.0],
            'spaces' => ['  7 ', 7.0],
            'nothing' => ['', null],
            'words' => ['some', null],
            'two numbers' => ['1 2', null],
            'a list' => [['1'], null],
            'endless' => ['1e999', null],
            'below nothing' => ['-3', -3.0],
        ];
    }

    /** @param  ?list<float>  $numbers */
    #[DataProvider('lists')]
    public function test_a_list_of_masses(mixed $typed, ?array $numbers): void
    {
        self::assertSame($numbers, Number::listOf($typed));
    }

    /** @return array<string, array{mixed, ?list<float>}> */
    public static function lists(): array
    {
        return [
            'semicolons' => ['62; 58; 71', [62.0, 58.0, 71.0]],
            'decimal commas' => ['62,5; 58', [62.5, 58.0]],
            'commas and spaces' => ['62, 58, 71', [62.0, 58.0, 71.0]],
            'spaces' => ['62 58 71', [62.0, 58.0, 71.0]],
            'a line each' => ["62\n58,5\n71", [62.0, 58.5, 71.0]],
            'one' => ['62', [62.0]],
            'with units' => ['62g; 58 g', [62.0, 58.0]],
            'nothing' => ['', []],
            'words' => ['62; big', null],
        ];
    }

    /** Steps of history hold only what changed, go back and forth, and are not endless. */
    public function test_history_goes_back_and_forth(): void
    {
        $documents = array_map(
            static fn (int $n): \Aglyca\Core\Brief => new \Aglyca\Core\Brief(
                'A',
                portions: new \Aglyca\Core\Formula\PortionPlan((float) $n),
            ),
            range(1, 80),
        );
        $history = new History();
        for ($i = 1; $i < 80; $i++) {
            $history = $history->with($documents[$i - 1], $documents[$i]);
        }
        self::assertCount(60, $history->past);
        self::assertSame(['pieces'], array_keys($history->past[0]));
        self::assertSame($history, $history->with($documents[79], $documents[79]), 'what changes nothing is no step');
        [$brief, $back] = $history->undo($documents[79]);
        self::assertEquals($documents[78], $brief);
        [$brief, $forth] = $back->redo($brief);
        self::assertEquals($documents[79], $brief);
        self::assertEquals($history->past, $forth->past);
        self::assertNull((new History)->undo($documents[0]));
        self::assertNull((new History)->redo($documents[0]));
    }
}
