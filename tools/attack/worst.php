<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* The heaviest requests that the doors let through, each alone. */
return static function (string $base, callable $say): void {
    $client = new Client($base);
    $client->signUp('Mine');
    $line = static fn (string $text, int $times): string => implode("\n", array_fill(0, $times, $text));
    $texts = [
        'a text of 60,000 characters in one line' => "Cake\n".str_repeat('200 g sugar and ', 3700),
        'a line of 400 characters with an "and" in each ten' => "Cake\n".str_repeat('1 cup x and ', 33)."\n200 g flour",
        'three hundred lines of ingredients' => "Cake\nMakes 12\n".$line('200 g sugar', 300)."\n\nMethod\nMix. Bake at 180 °C for 40 minutes.",
        'two hundred steps' => CAKE.
            "\n".
            $line(
                'Fold in the flour and the sugar gently, then chill for 30 minutes and bake at 180 °C for 10 minutes.',
                200,
            ),
        'brackets in brackets' => "Cake\n".str_repeat('(', 5000).'200 g sugar'.str_repeat(')', 5000)."\n200 g flour",
        'fractions without end' => "Cake\n".str_repeat('1/', 9000)."2 cups sugar\n200 g flour",
        'a table of 20,000 cells' => "Cake\n".$line('| '.str_repeat('a | ', 100), 150)."\n200 g sugar",
        'JSON nested a thousand deep' => str_repeat('{"a":', 1000).'1'.str_repeat('}', 1000),
        'HTML of 50,000 letters' => str_repeat('<div><li>200 g sugar</li>', 2300),
    ];
    foreach ($texts as $name => $text) {
        $client->ask('/paste', ['text' => mb_substr($text, 0, 60_000)]);
        [$cpu, $memory] = $client->cost();
        $status = $client->status;
        preg_match('~(/bench/[0-9a-z]{26})~', $client->headers['location'] ?? '', $m);
        $more = '';
        foreach (
            isset($m[1]) ? ['' => 'Bench', '/card.pdf' => 'PDF', '/proposals' => 'proposals'] : [] as $sheet => $word
        ) {
            $client->ask($m[1].$sheet);
            [$c, $b] = $client->cost();
            $more .= sprintf('; %s %d, %.2f s, %d MB', $word, $client->status, $c, $b / 1_048_576);
        }
        $say("worst: $name", sprintf('%d, %.2f s, %d MB%s', $status, $cpu, $memory / 1_048_576, $more));
    }
};
