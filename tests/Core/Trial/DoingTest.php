<?php

declare(strict_types=1);

namespace Tests\Core\Trial;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Trial\Doing;
use Aglyca\Core\Trial\Remedy;
use Tests\Core\CoreCase;

final class DoingTest extends CoreCase
{
    private const BISCUITS = "Test biscuits\nMakes 20 biscuits\n\n100 g butter\n80 g sugar\n160 g flour\n1 egg\n\nCream the butter and sugar. Beat in the egg. Stir in the flour. Chill for 30 minutes. Roll out and cut. Bake at 170 C for 14 minutes. Cool.";

    /** The browser folds the same events with a twin, resources/js/run.js: random bakes come out the same. */
    public function test_the_browsers_twin_folds_alike(): void
    {
        mt_srand(1126);
        $bakes = array_map(static fn (): array => self::events(mt_rand(0, 40)), range(1, 60));
        $folder = sys_get_temp_dir().'/twin'.bin2hex(random_bytes(4));
        mkdir($folder);
        copy(dirname(__DIR__, 3).'/resources/js/run.js', "$folder/run.mjs");
        file_put_contents("$folder/bakes.json", json_encode($bakes));
        file_put_contents(
            "$folder/fold.mjs",
            "import { readFileSync } from 'node:fs'; import { fold } from './run.mjs'; console.log(JSON.stringify(JSON.parse(readFileSync('$folder/bakes.json', 'utf8')).map((events) => { const s = fold(events); return [Object.entries(s.done).sort(), Object.entries(s.weighed).map(([t, f]) => [t, Object.entries(f).sort()]).sort(), Object.values(s.timers).map((t) => [t.task, t.ends, t.stopped]), s.pieces, s.factor, s.mixed, s.finished]; })));",
        );
        exec('node '.escapeshellarg("$folder/fold.mjs").' 2>&1', $said);
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
        $theirs = json_decode(implode("\n", $said), true, flags: JSON_THROW_ON_ERROR);
        foreach ($bakes as $i => $events) {
            self::assertEquals(self::plain(Doing::of($events)), $theirs[$i], "bake $i");
        }
    }

    public function test_what_was_weighed_is_what_is_counted(): void
    {
        $conversion = self::kernel()->convert(self::brief(self::BISCUITS));
        $dish = self::kernel()->dish($conversion);
        $planned = $conversion->after->net(Convention::LowCarb);
        self::assertEqualsWithDelta(
            $planned,
            self::kernel()->weighed($conversion, $dish, Doing::of([]))->net(Convention::LowCarb),
            1e-9,
        );
        foreach ($dish->tasks as $task) {
            foreach ($task->uses as $use) {
                $twice = Doing::of([
                    [
                        'kind' => 'weigh',
                        'data' => ['task' => $task->id, 'food' => $use->food->key, 'grams' => $use->grams * 2],
                        'at' => 1,
                    ],
                ]);
                $formula = self::kernel()->weighed($conversion, $dish, $twice)->formula;
                self::assertEqualsWithDelta(
                    $conversion->after->formula->gramsOf($use->food->key) + $use->grams,
                    $formula->gramsOf($use->food->key),
                    0.01,
                );
                self::assertEqualsWithDelta(
                    $conversion->after->formula->mass() + $use->grams,
                    $formula->mass(),
                    0.01,
                    'and nothing else',
                );
            }
        }
    }

    public function test_a_larger_batch_makes_more_pieces_alike(): void
    {
        $conversion = self::kernel()->convert(self::brief(self::BISCUITS));
        $larger = self::kernel()->weighed(
            $conversion,
            self::kernel()->dish($conversion),
            Doing::of([['kind' => 'factor', 'data' => ['factor' => 1.25], 'at' => 1]]),
        );
        self::assertEqualsWithDelta(25.0, $larger->formula->pieces, 1e-9);
        self::assertEqualsWithDelta(
            $conversion->after->net(Convention::LowCarb),
            $larger->net(Convention::LowCarb),
            1e-6,
        );
    }

    public function test_what_went_in_to_taste_counts_too(): void
    {
        $conversion = self::kernel()->convert(self::brief(self::BISCUITS));
        $tasted = self::kernel()->weighed(
            $conversion,
            self::kernel()->dish($conversion),
            Doing::of([
                [
                    'kind' => 'taste',
                    'data' => ['task' => 'taste-1', 'food' => 'lemon-juice', 'grams' => 10.0],
                    'at' => 1,
                ],
                [
                    'kind' => 'taste',
                    'data' => ['task' => 'taste-1', 'food' => 'lemon-juice', 'grams' => 5.0],
                    'at' => 2,
                ],
            ]),
        );
        self::assertEqualsWithDelta(15.0, $tasted->formula->gramsOf('lemon-juice'), 1e-9);
    }

    /** A gram of what is strong or counts much is not a gram of butter. */
    public function test_tolerance_follows_what_a_gram_does(): void
    {
        $conversion = self::kernel()->convert(self::brief(self::BISCUITS));
        $within = static fn (string $food, float $grams): float => self::kernel()->tolerance(
            $conversion,
            self::core()->larder->get($food),
            $grams,
        );
        self::assertGreaterThan($within('coconut-flour', 60.0), $within('butter', 120.0));
        self::assertLessThan(1.0, $within('xanthan', 3.0));
        self::assertEqualsWithDelta(0.05 * 120, $within('butter', 120.0), 1e-9, 'five in a hundred');
        self::assertLessThan(
            $within('almond-flour', 400.0),
            $within('sugar', 400.0),
            'what counts is weighed more nearly',
        );
    }

    public function test_remedies_are_for_this_batch_and_their_water_for_what_drinks(): void
    {
        $of = static fn (string $scale): array => array_values(
            array_filter(
                self::kernel()->remedies(
                    self::kernel()->convert(
                        self::brief(
                            str_replace(
                                ['100 g', '80 g', '160 g', '1 egg'],
                                $scale === 'double'
                                    ? ['200 g', '160 g', '320 g', '2 eggs']
                                    : ['100 g', '80 g', '160 g', '1 egg'],
                                self::BISCUITS,
                            ),
                        ),
                    ),
                ),
                static fn (Remedy $r): bool => $r->symptom === 'sticky' && $r->food !== null,
            ),
        );
        [$single, $double] = [$of('single'), $of('double')];
        self::assertSame(
            ['coconut-flour', 'almond-flour'],
            array_map(static fn (Remedy $r): string => (string) $r->food?->key, $single),
        );
        self::assertEqualsWithDelta(2 * $single[1]->grams, $double[1]->grams, 3.0);
        self::assertGreaterThan(
            2 * $single[0]->grams,
            $single[1]->grams * 2,
            'almond flour drinks less, so more of it goes in',
        );
        self::assertStringContainsString(
            $single[0]->food->name === '' ? '?' : mb_strtolower($single[0]->food->name),
            $single[0]->text,
        );
    }

    /** @return list<array{kind: string, data: array<string, mixed>, at: int}> */
    private static function events(int $count): array
    {
        $events = [];
        for ($i = 0; $i < $count; $i++) {
            $task = '1-'.mt_rand(1, 4);
            $food = ['butter', 'egg', 'salt'][mt_rand(0, 2)];
            $timer = "$task-".mt_rand(1, 2);
            $grams = mt_rand(1, 500) / 2;
            $events[] =
                ['at' => 1_000_000 + $i * 1000] +
                [
                    ['kind' => 'tick', 'data' => ['task' => $task]],
                    ['kind' => 'untick', 'data' => ['task' => $task]],
                    ['kind' => 'weigh', 'data' => ['task' => $task, 'food' => $food, 'grams' => $grams]],
                    ['kind' => 'unweigh', 'data' => ['task' => $task, 'food' => $food]],
                    ['kind' => 'taste', 'data' => ['task' => $task, 'food' => $food, 'grams' => $grams]],
                    [
                        'kind' => 'timer',
                        'data' => ['timer' => $timer, 'task' => $task, 'name' => 'x', 'ends' => 2_000_000 + $i],
                    ],
                    ['kind' => 'timer-ends', 'data' => ['timer' => $timer, 'ends' => 3_000_000 + $i]],
                    ['kind' => 'timer-stop', 'data' => ['timer' => $timer]],
                    ['kind' => 'piece', 'data' => ['grams' => $grams]],
                    ['kind' => 'unpiece', 'data' => []],
                    ['kind' => 'mixed', 'data' => ['grams' => $grams]],
                    ['kind' => 'factor', 'data' => ['factor' => mt_rand(5, 30) / 10]],
                    ['kind' => 'finish', 'data' => []],
                    ['kind' => 'resume', 'data' => []],
                ][mt_rand(0, 13)];
        }

        return $events;
    }

    /** @return list<mixed> */
    private static function plain(Doing $doing): array
    {
        $pairs = static function (array $map): array {
            $pairs = array_map(static fn ($k, $v): array => [(string) $k, $v], array_keys($map), $map);
            sort($pairs);

            return $pairs;
        };

        return [
            $pairs($doing->done),
            $pairs(array_map($pairs, $doing->weighed)),
            array_map(
                static fn (array $t): array => [$t['task'], $t['ends'], $t['stopped']],
                array_values($doing->timers),
            ),
            $doing->pieces,
            $doing->factor,
            $doing->mixed,
            $doing->finished,
        ];
    }
}
