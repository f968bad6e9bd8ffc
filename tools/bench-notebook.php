<?php

declare(strict_types=1);

/* Included by bench.php: the notebook of two thousand bakes beside that of twenty. */

(static function (callable $ask, callable $median): void {
    preg_match('~name="_token" value="(\w+)"~', $ask('/sign-up'), $m);
    $ask('/sign-up', [
        '_token' => $m[1],
        'email' => bin2hex(random_bytes(6)).'@example.org',
        'password' => 'plum-and-almond',
        'kitchen' => 'Notes',
    ]);
    preg_match('~name="_token" value="(\w+)"~', $ask('/'), $m);
    for ($i = 1; $i <= 20; $i++) {
        $ask('/paste', ['_token' => $m[1], 'text' => preg_replace('~^Benchmark cake~', "Cake number $i", RECIPE)]);
    }
    preg_match_all('~/bench/([0-9a-z]{26})~', $ask('/shelf'), $found);
    $desserts = array_values(array_unique($found[1]));
    $bakes = static function (int $from, int $to) use ($ask, $desserts, $m): void {
        for ($i = $from; $i < $to; $i++) {
            $ask('/counter/'.$desserts[$i % count($desserts)].'/bakes', [
                '_token' => $m[1],
                'baked_on' => date('Y-m-d', time() - 86400 * ($i % 900)),
                'mark' => 1 + ($i % 5),
                'words' => "Bake $i",
            ]);
        }
    };
    $pages = [
        'all bakes' => static fn () => $ask('/notebook'),
        'found by a word' => static fn () => $ask('/notebook?find=Bake+7'),
        'one dessert' => static fn () => $ask("/notebook/$desserts[0]"),
    ];
    $bakes(0, 20);
    $few = array_map(static fn (callable $page): float => $median($page, 40), $pages);
    $bakes(20, 2000);
    printf("\n%-44s %9s %9s\n", 'the Notebook, median ms', '20 bakes', '2,000');
    foreach ($pages as $name => $page) {
        $many = $median($page, 40);
        printf("%-44s %9.2f %9.2f %8.2fx\n", $name, $few[$name], $many, $many / $few[$name]);
    }
})($ask, $median);
