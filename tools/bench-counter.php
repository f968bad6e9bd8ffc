<?php

declare(strict_types=1);

/* Included by bench.php: ticks of a bake while four Counters are open, and how soon another device can see one. */

(static function (callable $ask, string $base): void {
    preg_match('~name="_token" value="(\w+)"~', $ask('/sign-up'), $m);
    $ask('/sign-up', [
        '_token' => $m[1],
        'email' => bin2hex(random_bytes(6)).'@example.org',
        'password' => 'plum-and-almond',
        'kitchen' => 'Bench',
    ]);
    preg_match('~name="_token" value="(\w+)"~', $ask('/'), $m);
    $ask('/paste', ['_token' => $m[1], 'text' => RECIPE]);
    preg_match('~/bench/([0-9a-z]{26})~', $ask('/shelf'), $found);
    preg_match('~name="_token" value="(\w+)"~', $ask('/counter/'.$found[1]), $m);
    // The answer is a redirect: its words are its address.
    preg_match('~/counter/run/([0-9a-z]{26})~', $ask("/counter/$found[1]/runs", ['_token' => $m[1]]), $run);
    $tick = static fn (int $i): string => $ask("/counter/run/$run[1]/events", [
        '_token' => $m[1],
        'after' => $i,
        'events' => [['id' => "b$i", 'kind' => 'tick', 'at' => 1, 'data' => ['task' => "1-$i"]]],
    ]);
    $took = $seen = [];
    for ($i = 0; $i < 160; $i++) {
        // Four Counters ask once a second; here they ask between two ticks.
        for ($k = 0; $k < 4; $k++) {
            $ask("/counter/run/$run[1]/events?after=$i");
        }
        $start = hrtime(true);
        $tick($i);
        $took[] = (hrtime(true) - $start) / 1e6;
        $start = hrtime(true);
        $ask("/counter/run/$run[1]/events?after=0");
        $seen[] = (hrtime(true) - $start) / 1e6;
    }
    $took = array_slice($took, 10);
    sort($took);
    sort($seen);
    printf(
        "\n%-44s %9.2f ms median, %.2f ms p95\n",
        'a tick of a bake, with four Counters asking',
        $took[75],
        $took[142],
    );
    printf("%-44s %9.2f ms after it, and at most a second between two askings\n", 'seen by another device', $seen[80]);
})($ask, $base);
