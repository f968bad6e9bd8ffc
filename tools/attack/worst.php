<?php

declare(strict_types=1);

use Tools\Attack\Client;

/*
 * The heaviest requests that the doors let through, each alone: each kind of phrase up to the longest text, for the paste
 * and for every page that works on what was pasted. None may cost more than a second of processor. SHORT=1 takes fewer.
 */
return static function (string $base, callable $say): void {
    $most = 1.0;
    $line = static fn (string $text, int $times): string => implode("\n", array_fill(0, $times, $text));
    $texts = [
        'a text of 60,000 characters in one line' => "Cake\n".str_repeat('200 g sugar and ', 3700),
        'a line of 400 characters with an "and" in each ten' => "Cake\n".str_repeat('1 cup x and ', 33)."\n200 g flour",
        'four thousand ingredients between semicolons' => "Cake\nMakes 12\n".$line(str_repeat('100 g sugar; ', 14).'and', 290),
        'three thousand ingredients in columns' => "Cake\nMakes 12\n".$line(str_repeat('100 g sugar    ', 12), 290),
        'four hundred rows of talk' => $line('Hello again! It rained. I baked it all day long and so.', 390),
        'two hundred lines of ingredients' => "Cake\nMakes 12\n".$line('200 g sugar', 200)."\n\nMethod\nMix. Bake at 180 °C for 40 minutes.",
        'brackets in brackets' => "Cake\n".str_repeat('(', 5000).'200 g sugar'.str_repeat(')', 5000)."\n200 g flour",
        'a table of 20,000 cells' => "Cake\n".$line('| '.str_repeat('a | ', 100), 150)."\n200 g sugar",
        'JSON nested a thousand deep' => str_repeat('{"a":', 1000).'1'.str_repeat('}', 1000),
        'HTML of 50,000 letters' => str_repeat('<div><li>200 g sugar</li>', 2300),
        ...require __DIR__.'/phrases.php',
    ];
    if (getenv('SHORT') === '1') {
        $texts = array_filter($texts, static fn (string $name): bool => ! str_contains($name, '140'), ARRAY_FILTER_USE_KEY);
    }
    $pages = [
        'bench/%s' => 'Bench', 'bench/%s/account' => 'Account', 'bench/%s/pieces' => 'Pieces', 'bench/%s/scale' => 'Scale',
        'bench/%s/compare' => 'Compare', 'bench/%s/card' => 'Card', 'bench/%s/card.pdf' => 'PDF',
        'bench/%s/proposals' => 'proposals', 'counter/%s' => 'Counter', 'day/new?desserts[]=%s' => 'Day',
    ];
    [$worst, $over] = [0.0, []];
    foreach (array_chunk($texts, 12, true) as $some) {
        $client = new Client($base);
        $client->signUp('Mine '.bin2hex(random_bytes(3)));
        foreach ($some as $name => $text) {
            $client->ask('/paste', ['text' => mb_substr($text, 0, 60_000)]);
            $costs = ['paste' => $client->cost()[0]];
            $status = $client->status;
            preg_match('~/bench/([0-9a-z]{26})~', $client->headers['location'] ?? '', $m);
            foreach (isset($m[1]) ? $pages : [] as $page => $what) {
                $client->ask('/'.sprintf($page, $m[1]));
                $costs[$client->status < 500 ? $what : "$what {$client->status}"] = $client->cost()[0];
            }
            arsort($costs);
            $worst = max($worst, reset($costs));
            foreach (array_filter($costs, static fn (float $c): bool => $c > $most) as $what => $cost) {
                $over[] = sprintf('%s: %s %.2f s', $name, $what, $cost);
            }
            $say("worst: $name", sprintf('%d; most for %s, %.2f s', $status, key($costs), reset($costs)));
        }
    }
    $say('worst of all', sprintf('%.2f s of processor; over %.0f s: %s', $worst, $most, $over === [] ? 'none' : implode('; ', $over)));
    if ($over !== []) {
        $GLOBALS['failed'][] = 'worst';
    }
};
