<?php

declare(strict_types=1);

/* Included by bench.php: the method as work, and days of one and of five desserts, with the gap to a proven bound. */

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Plan\DayAsked;
use Aglyca\Core\Plan\Places;

(static function (Kernel $kernel, callable $median): void {
    $conversions = array_map(
        static fn (string $file) => $kernel->convert(new Brief((string) file_get_contents($file))),
        glob(dirname(__DIR__).'/database/demo/*.txt') ?: [],
    );
    $dishes = array_map(static fn ($c, int $n) => $kernel->dish($c, $n), $conversions, range(1, count($conversions)));
    $zone = new DateTimeZone('UTC');
    $ready = intdiv(strtotime('2026-12-24T16:00Z') ?: 0, 60);
    $plan = static fn (array $of, bool $isReady) => $kernel->day(
        $of,
        new DayAsked($isReady ? $ready : null, $isReady ? null : $ready, new Places(), $zone, [], [], false),
    );
    printf(
        "\n%-44s %9.2f ms\n",
        'the method as work, median of the demo',
        $median(static fn () => $kernel->dish($conversions[0]), 60),
    );
    printf("%-44s %9.2f ms\n", 'a day of one dessert', $median(static fn () => $plan([$dishes[0]], true), 60));
    [$gaps, $times, $most] = [[], [], 0];
    mt_srand(5);
    for ($i = 0; $i < 30; $i++) {
        $of = [];
        foreach (array_slice(array_keys((static function (array $keys): array {
            shuffle($keys);

            return array_flip($keys);
        })(array_keys($dishes))), 0, 5) as $k) {
            $of[] = $dishes[$k];
        }
        $start = hrtime(true);
        $found = $plan($of, $i % 2 === 0);
        $times[] = (hrtime(true) - $start) / 1e6;
        $gaps[] = $found->gap;
        $most = max($most, count($found->slots));
    }
    sort($gaps);
    sort($times);
    printf(
        "%-44s %9.2f ms, longest %.0f ms, up to %d pieces of work\n",
        'a day of five desserts, median of 30',
        $times[15],
        $times[29],
        $most,
    );
    printf(
        "%-44s %9.1f %%, largest %.1f %%, proven shortest in %d of 30\n",
        'gap to the bound, median',
        100 * $gaps[15],
        100 * $gaps[29],
        count(array_filter($gaps, static fn (float $g): bool => $g < 1e-9)),
    );
})($kernel, $median);
