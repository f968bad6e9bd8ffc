<?php

declare(strict_types=1);

namespace Tests\Core;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Statement;
use Aglyca\Core\Brief;
use Aglyca\Core\Conversion;
use Aglyca\Core\Side;
use Aglyca\Core\Swap\KitchenLimits;
use Aglyca\Core\Writing\Report;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Reading\Corpus;

/** Recipes thrown together from the corpus, with wishes thrown at them: whatever comes, the figures are figures. */
final class KernelTest extends CoreCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 400; $seed++) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_any_recipe_with_any_wish_is_worked_and_counted(int $seed): void
    {
        mt_srand($seed);
        $brief = self::thrown();
        $conversion = self::kernel()->convert($brief);
        $this->assertFigures($conversion);
        $lines = array_merge(...array_map(static fn ($e): array => $e->from, $conversion->swap->exchanges));
        sort($lines);
        self::assertSame(array_keys($conversion->recipe->lines), $lines, 'every line goes somewhere, once');
        self::assertIsString(json_encode(Report::convert($conversion, self::kernel()->catalogue), JSON_THROW_ON_ERROR));
        foreach (Side::cases() as $side) {
            $written = $conversion->written($side);
            self::assertNotSame('', $written->text());
            self::assertNotSame('', $written->csv());
            self::assertIsString(json_encode($written->schema(), JSON_THROW_ON_ERROR));
            $grams = array_map(
                static fn (array $s): float => $s['requiredQuantity']['value'] ?? 0.0,
                $written->schema()['supply'],
            );
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn ($d): float => $d->mass(), $conversion->account($side)->formula->doses)),
                array_sum($grams),
                0.01 * (count($grams) + 1),
                'all that goes in is supplied',
            );
        }
        foreach ($conversion->recipe->lines as $line) {
            foreach ([$line->amountSpan, $line->nameSpan] as $span) {
                self::assertTrue(
                    $span === null || ($span->at >= 0 && $span->at + $span->length <= strlen($line->typed)),
                    $line->typed,
                );
            }
        }
    }

    /** Nothing is lost or doubled on the way out: the text that leaves is the same dessert when it is read again. */
    #[DataProvider('seeds')]
    public function test_what_is_written_out_reads_back_as_the_same_dessert(int $seed): void
    {
        mt_srand($seed);
        $conversion = self::kernel()->convert(self::thrown());
        foreach (Side::cases() as $side) {
            $account = $conversion->account($side);
            $text = $conversion->written($side)->text();
            $again = self::kernel()->convert(self::again($text, $conversion))->before;
            self::assertSame(count($account->formula->doses), count($again->formula->doses), $text);
            self::assertEqualsWithDelta(
                $account->formula->mass(),
                $again->formula->mass(),
                0.1 + 0.005 * $account->formula->mass(),
                $text,
            );
            self::assertEqualsWithDelta(
                $account->whole()->carbohydrate,
                $again->whole()->carbohydrate,
                0.1 + 0.005 * $account->whole()->carbohydrate,
                $text,
            );
        }
    }

    private function assertFigures(Conversion $conversion): void
    {
        foreach ([$conversion->before, $conversion->after] as $account) {
            $whole = self::core()->accountant->times($account->serving, $account->formula->pieces, 'whole');
            foreach (Convention::cases() as $convention) {
                $rows = Statement::of(self::core()->accountant, [$account->serving, $whole], $convention)->rows;
                foreach ($rows as $row) {
                    foreach ($row->estimates as $estimate) {
                        self::assertTrue(
                            is_finite($estimate->value) &&
                                $estimate->value >= -1e-9 &&
                                is_finite($estimate->u) &&
                                $estimate->u >= 0,
                            "$row->key of {$conversion->brief->text}",
                        );
                    }
                }
                self::assertLessThanOrEqual(
                    $account->piece->carbohydrate + 1e-6,
                    $account->net(Convention::LowCarb),
                );
            }
            self::assertLessThanOrEqual(
                1.02 * $account->formula->mass() + 1e-6,
                $account->whole()->carbohydrate + $account->whole()->fat + $account->whole()->protein,
            );
        }
        foreach ($conversion->swap->exchanges as $exchange) {
            foreach ($exchange->to as $part) {
                self::assertTrue(is_finite($part->grams) && $part->grams > 0, $part->food->key);
                self::assertNotSame('', $part->why);
                self::assertNotSame('', self::kernel()->catalogue->measure($part->food, $part->grams));
            }
        }
        foreach ($conversion->properties as $property) {
            self::assertFalse(is_nan($property->before) || is_nan($property->after), $property->key);
        }
    }

    public static function thrown(): Brief
    {
        $texts = [
            ...array_column(Corpus::rows(), 'text'),
            '2 eggs plus 1 yolk',
            'zest and juice of 1 lemon',
            '1 tsp each of cinnamon, cloves and nutmeg',
            '1 cup sugar, plus 2 tbsp for sprinkling',
        ];
        $pick = static fn (array $of): mixed => $of[array_rand($of)];
        $rows = [
            $pick(['Odd loaf', 'Strange cookies', 'A cheesecake of sorts', 'Frozen thing', 'Caramel mess', 'Untitled']),
            $pick(['Makes 12 slices', 'Serves 4', 'Makes 1 loaf', 'Makes 2 loaves', '']),
            'Ingredients',
        ];
        for ($i = mt_rand(1, 18); $i > 0; $i--) {
            if (mt_rand(0, 9) === 0) {
                $rows[] = $pick(['For the glaze:', 'For the filling:', 'For the base:']);
            }
            $rows[] = $pick($texts);
        }
        array_push(
            $rows,
            'Method',
            $pick([
                'Bake at 350 °F for 40 minutes.',
                'Bake for 9 minutes.',
                'Chill overnight.',
                'Heat the oven to gas mark 9. Bake in a 20 cm round tin for 2 hours.',
            ]),
        );
        $kernel = self::kernel();

        $kitchen = new KitchenLimits(
            $pick([null, 0.5, 5.0, 50.0]),
            $pick([null, 12.0, 120.0]),
            $pick([
                [],
                ['erythritol-powdered', 'allulose', 'xanthan', 'monk-fruit-extract'],
                ['egg', 'water', 'almond-flour'],
            ]),
        );

        return self::brief(implode("\n", $rows), [
            'sweetener' => $pick(array_keys($kernel->catalogue->sweeteners())),
            'school' => $pick(array_keys($kernel->catalogue->schools())),
            'sweetness' => mt_rand(60, 110) / 100,
            'pieces' => $pick([null, 1.0, 7.0, 2.5, 48.0]),
            'convention' => $pick(Convention::cases())->value,
            'without' => $pick([[], ['nuts'], ['milk', 'egg'], ['nuts', 'milk', 'egg', 'coconut', 'peanut']]),
            'cooler' => (float) $pick([0, 5, 20]),
            'shares' => $pick([[], [1.0, 0.0, 0.0], [0.2, 0.5, 0.3]]),
            'scale' => $pick([1.0, 0.33, 3.0]),
            'amounts' => $pick([[], ['0:molasses:added' => 7.0, '0:butter' => 1.0], ['0:almond-flour' => 500.0]]),
            'sharing' => $pick([
                [],
                ['portion' => ['way' => 'scoop', 'scoop' => '40', 'rest' => 'small']],
                [
                    'portion' => ['way' => 'unequal', 'masses' => [1.0, 900.0]],
                    'placements' => [1 => ['spread' => 'table']],
                ],
                [
                    'placements' => [
                        0 => ['spread' => 'table'],
                        1 => ['spread' => 'each', 'amount' => 3.0, 'unit' => 'tbsp'],
                    ],
                    'eaten' => 3.0,
                ],
            ]),
            'pan' => $pick([null, ['to' => ['length' => 30.0, 'width' => 20.0, 'round' => false, 'depth' => 4.0]]]),
        ])->in($kitchen);
    }
}
