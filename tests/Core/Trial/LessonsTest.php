<?php

declare(strict_types=1);

namespace Tests\Core\Trial;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Side;
use Aglyca\Core\Trial\BakeNotes;
use Aglyca\Core\Trial\Doing;
use Tests\Core\CoreCase;

final class LessonsTest extends CoreCase
{
    private const LOAF = "Cup loaf\nMakes 10 slices\n\n2 cups almond flour\n3 eggs\n100 g butter\n80 g allulose\n\nMix. Bake at 170 C for 40 minutes.";

    /** By hand: prior 10 ± 2, three observations 13, 12, 14 of spread 1: (10/4 + 39) / (1/4 + 3) = 41.5 / 3.25. */
    public function test_the_posterior_is_the_hand_worked_one(): void
    {
        $learnt = Taught::posterior(10.0, 2.0, 1.0, [13.0, 12.0, 14.0]);
        self::assertEqualsWithDelta(41.5 / 3.25, $learnt->value, 1e-12);
        self::assertEqualsWithDelta(1 / sqrt(3.25), $learnt->u, 1e-12);
        self::assertEqualsWithDelta(10.0, Taught::posterior(10.0, 2.0, 1.0, [])->value, 1e-12);
    }

    /** A Monte Carlo by rejection: of many true values drawn from the prior those that gave such a mean. */
    public function test_the_posterior_agrees_with_a_monte_carlo(): void
    {
        mt_srand(7);
        $normal = static fn (): float => sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) *
            cos((2 * M_PI * mt_rand()) / mt_getrandmax());
        $kept = [];
        for ($i = 0; $i < 300_000; $i++) {
            $true = 100 + 8 * $normal();
            $mean = $true + 4 / sqrt(3) * $normal();
            if (abs($mean - 108) < 0.4) {
                $kept[] = $true;
            }
        }
        $mean = array_sum($kept) / count($kept);
        $learnt = Taught::posterior(100.0, 8.0, 4.0, [107.0, 108.0, 109.0]);
        self::assertEqualsWithDelta($mean, $learnt->value, 0.15);
        self::assertEqualsWithDelta(
            sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $kept)) / count($kept)),
            $learnt->u,
            0.1,
        );
    }

    public function test_a_cup_that_was_weighed_narrows_the_range_and_forgetting_brings_it_back(): void
    {
        $range = static function (array $observations): array {
            $account = Kernel::open(self::tables(), new Stock(taught: new Taught($observations)))->account(
                new Brief(self::LOAF),
            );

            $dose = array_values(
                array_filter($account->formula->doses, static fn ($d): bool => $d->food?->key === 'almond-flour'),
            )[0];

            return [
                $dose->mass(),
                $dose->grams->u / $dose->mass(),
                $account->high(Convention::LowCarb) - $account->low(Convention::LowCarb),
            ];
        };
        [$usual, $wide] = $range([]);
        [$own, $narrow] = $range([Taught::CUP.'almond-flour' => [111.5, 112.0, 111.0]]);
        self::assertLessThan($wide, $narrow);
        self::assertGreaterThan($usual, $own);
        self::assertEqualsWithDelta(109.8, $usual / 2, 2.0);
        self::assertSame($range([]), $range([Taught::CUP.'almond-flour' => []]));
    }

    /**
     * A blind bake of 15 minutes and a filled one of 25, baked as told by an oven that takes a tenth less than methods
     * say: each says so by itself; of minutes in the notes nobody knows whose they are.
     */
    public function test_two_bakes_teach_each_by_itself_and_one_baked_as_told_moves_nothing(): void
    {
        $tart =
            "Tart\nServes 8\n\n200 g almond flour\n2 eggs\n100 g butter\n80 g allulose\n200 ml cream\n\n".
            'Press the flour and butter into a tin. Bake blind for 15 minutes. '.
            'Whisk the eggs, cream and allulose, fill the case and bake at 160 C for 25 minutes.';
        $kernel = Kernel::open(self::tables(), new Stock(taught: new Taught([Taught::OVEN => [0.9, 0.9, 0.9]])));
        $conversion = $kernel->convert(new Brief($tart));
        $dish = $kernel->dish($conversion, 1);
        $bakes = array_values(array_filter($dish->tasks, static fn ($t): bool => $t->action->key === 'bake'));
        self::assertCount(2, $bakes);
        $events = [];
        foreach ($bakes as $n => $bake) {
            $minutes = $bake->typical * 60_000;
            $timer = ['task' => $bake->id, 'timer' => "t$n", 'name' => 'bake', 'ends' => $minutes];
            $events[] = ['kind' => 'timer', 'data' => $timer, 'at' => 0];
            $events[] = ['kind' => 'timer-stop', 'data' => ['timer' => "t$n"], 'at' => $minutes];
        }
        // By hand: prior 1.0 ± 0.1, three of 0.9 of spread 0.12: (100 + 2.7 / 0.0144) / (100 + 3 / 0.0144)
        $own = (100 + 2.7 / 0.0144) / (100 + 3 / 0.0144);
        $ovens = $kernel->ovensTaken($dish, Doing::of($events));
        self::assertCount(2, $ovens);
        foreach ($ovens as $ratio) {
            self::assertEqualsWithDelta($own, $ratio, 0.02);
        }
        $notes = new BakeNotes(minutes: 25.0 * $own);
        $of = static fn (array $ovens): ?float => $kernel->observed(
            $kernel->baked($conversion, Side::Swapped, $notes, $ovens),
        )[Taught::OVEN];
        self::assertNull($of([]));
        self::assertEqualsWithDelta($own, $of($ovens), 0.02);
    }

    public function test_the_oven_and_what_is_lost_are_the_kitchens_own(): void
    {
        $kernel = Kernel::open(
            self::tables(),
            new Stock(
                taught: new Taught([
                    Taught::OVEN => [1.2, 1.2, 1.2, 1.2],
                    Taught::LOSS.'butter-cake' => [0.16, 0.16],
                ]),
            ),
        );
        $conversion = $kernel->convert(new Brief(self::LOAF));
        $minutes = static fn (Kernel $k): int => array_values(
            array_filter(
                $k->dish($k->convert(new Brief(self::LOAF)), 1, Side::Written)->tasks,
                static fn ($t): bool => $t->action->key === 'bake',
            ),
        )[0]->typical;
        // 1/0.01 + 4·1.2/0.0144 over 1/0.01 + 4/0.0144 = 1.147
        self::assertSame((int) ceil(40 * 1.14705882), $minutes($kernel));
        self::assertSame(40, $minutes(self::kernel()));
        self::assertGreaterThan(self::core()->families->get('butter-cake')->bakeLoss, $conversion->family()->bakeLoss);
        $sentences = array_map(
            static fn ($l): string => $l->sentence,
            $kernel->lessons(
                new Taught([Taught::OVEN => [1.2, 1.2, 1.2, 1.2], 'nonsense' => [1.0], Taught::SWEETNESS => [0.7]]),
            ),
        );
        self::assertCount(2, $sentences);
        self::assertStringContainsString('15 % longer', $sentences[0]);
        self::assertSame(
            [],
            $kernel->lessons(new Taught([Taught::LOSS.'frosting' => [0.1]])),
            'what is not baked loses nothing that could be learnt',
        );
        self::assertSame(
            ['the time that the method says', '90 %'],
            array_map(
                static fn ($l): string => $l->usually(),
                $kernel->lessons(new Taught([Taught::OVEN => [1.2], Taught::SWEETNESS => [0.7]])),
            ),
        );
    }

    public function test_hands_are_timed_from_tick_to_tick(): void
    {
        $kernel = self::kernel();
        $dish = $kernel->dish(
            $kernel->convert(
                new Brief(
                    "Test biscuits\nMakes 20 biscuits\n\n100 g butter\n80 g sugar\n160 g flour\n1 egg\n\nCream the butter and sugar. Beat in the egg. Stir in the flour. Roll out and cut. Bake at 170 C for 14 minutes.",
                ),
            ),
            1,
            Side::Written,
        );
        $bake = static function (float $slow, int $most) use ($dish): Doing {
            $at = 1_000_000;
            $events = [['kind' => 'tick', 'data' => ['task' => 'nothing of it'], 'at' => $at]];
            foreach (
                array_slice(array_values(array_filter($dish->tasks, static fn ($t): bool => $t->hands->isAll)), 0, $most) as $task
            ) {
                $events[] = [
                    'kind' => 'tick',
                    'data' => ['task' => $task->id],
                    'at' => ($at += (int) round($slow * $task->action->typical * 60_000)),
                ];
            }

            return Doing::of($events);
        };
        self::assertEqualsWithDelta(1.5, $kernel->handsTaken($dish, $bake(1.5, 4)), 0.002);
        self::assertNull($kernel->handsTaken($dish, $bake(1.5, 2)), 'too little was ticked');
        self::assertNull($kernel->handsTaken($dish, $bake(5.0, 4)), 'the baker was elsewhere');
        $slow = Kernel::open(self::tables(), new Stock(taught: new Taught([Taught::HANDS => [1.5, 1.5]])));
        $sum = static fn (Kernel $k): int => array_sum(
            array_map(
                static fn ($t): int => $t->hands->isAll ? $t->typical : 0,
                $k->dish($k->convert(new Brief(self::LOAF)), 1, Side::Written)->tasks,
            ),
        );
        self::assertGreaterThan($sum($kernel), $sum($slow));
        self::assertStringContainsString(
            '33 % longer than is usual',
            $slow->lessons(new Taught([Taught::HANDS => [1.5, 1.5]]))[0]->sentence,
        );
    }
}
