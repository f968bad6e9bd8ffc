<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Method\Link;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;
use Tests\Core\KernelTest;

final class TaskMakerTest extends CoreCase
{
    /**
     * @param  list<string>  $expected  action, minutes, place, and the numbers of the tasks that it follows
     */
    #[DataProvider('methods')]
    public function test_sentences_become_work(string $lines, string $method, array $expected): void
    {
        $text = "Test bake\nMakes 8\n\n$lines\n\n$method";
        $tasks = self::kernel()->dish(self::kernel()->convert(self::brief($text)), 1, Side::Written)->tasks;
        self::assertSame($expected, array_map(self::told(...), $tasks));
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function methods(): iterable
    {
        $lines = "100 g butter\n100 g sugar\n2 eggs\n150 g flour\n1 tsp baking powder";
        yield 'two bowls that meet' => [
            $lines,
            'Preheat the oven to 180 C. Whisk the flour and baking powder. In another bowl beat the eggs. Stir in the flour mixture. Bake for 20 minutes.',
            [
                'preheat 15 oven',
                'whisk 2 hands',
                'beat 3 mixer',
                'stir 2 hands <2 3',
                'bake 20 oven <4 1',
                'cool 15 counter <5',
            ],
        ];
        yield 'one sentence, three places' => [
            $lines,
            'Melt the butter, then stir in the sugar and chill for 2 hours.',
            ['melt 4 hob', 'stir 2 hands <1', 'chill 120 fridge <2'],
        ];
        yield 'what follows at once' => [
            $lines,
            'Bake for 30 minutes at 170 C. Immediately brush with the butter.',
            ['preheat 15 oven', 'bake 30 oven <0', 'coat 5 hands <1(3)', 'cool 15 counter <2'],
        ];
        yield 'terse' => [
            $lines,
            'Mix, press, oven 20 min, fridge overnight.',
            ['stir 2 hands', 'bake 20 oven <1', 'chill 600 fridge <2'],
        ];
        yield 'a sauce while it bakes' => [
            $lines,
            'Whisk the eggs, flour and baking powder and bake for 30 minutes at 170 C. Meanwhile melt the butter with the sugar. Pour over.',
            [
                'preheat 15 oven',
                'whisk 2 hands',
                'bake 30 oven <1 0',
                'melt 4 hob',
                'shape 5 hands <2 3',
                'cool 15 counter <4',
            ],
        ];
    }

    public function test_every_thing_goes_in_once_and_nothing_follows_itself(): void
    {
        for ($seed = 2001; $seed <= 2080; $seed++) {
            mt_srand($seed);
            $conversion = self::kernel()->convert(KernelTest::thrown());
            foreach (Side::cases() as $side) {
                $tasks = self::kernel()->dish($conversion, 3, $side)->tasks;
                $ids = array_column($tasks, 'id');
                self::assertSame($ids, array_values(array_unique($ids)));
                foreach ($tasks as $i => $task) {
                    foreach ($task->after as $link) {
                        self::assertContains(
                            $link->task,
                            array_slice($ids, 0, $i),
                            "seed $seed: what comes first stands first",
                        );
                    }
                    self::assertLessThanOrEqual($task->typical, $task->low);
                    self::assertLessThanOrEqual($task->high, $task->typical);
                }
                $used = [];
                foreach ($tasks as $task) {
                    foreach ($task->uses as $use) {
                        $used[$use->food->key] = ($used[$use->food->key] ?? 0.0) + $use->grams;
                    }
                }
                foreach ($tasks === [] ? [] : $conversion->account($side)->formula->doses as $dose) {
                    if ($dose->food !== null && $dose->mass() > 0) {
                        $all = $conversion->account($side)->formula->gramsOf($dose->food->key);
                        self::assertEqualsWithDelta(
                            $all,
                            $used[$dose->food->key] ?? 0.0,
                            0.02 * $all + 0.01,
                            "seed $seed, {$side->name}: {$dose->food->key} goes in, and once",
                        );
                    }
                }
            }
        }
    }

    private static function told(Task $task): string
    {
        $after = array_map(
            static fn (Link $l): string => explode('-', $l->task)[1].($l->atMost === null ? '' : "($l->atMost)"),
            $task->after,
        );

        return "{$task->action->key} $task->typical $task->place".($after === [] ? '' : ' <'.implode(' ', $after));
    }
}
