<?php

declare(strict_types=1);

/* load.php BASE SECONDS CLIENTS FOLDER : so many sign in and write without pause; each write that was acknowledged is noted with its time. */

use Tools\Attack\Client;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/../attack/Client.php';

[, $base, $seconds, $clients, $folder] = $argv;
@mkdir($folder, 0755, true);
$children = [];
for ($i = 0; $i < (int) $clients; $i++) {
    $pid = pcntl_fork();
    if ($pid !== 0) {
        $children[] = $pid;

        continue;
    }
    $client = new Client($base);
    for ($tries = 0; $tries < 5 && $client->token === ''; $tries++) {
        $client->signUp("Client $i");
        usleep(200_000);
    }
    $notes = fopen("$folder/$i", 'w');
    for ($n = 0, $until = microtime(true) + (float) $seconds; microtime(true) < $until; $n++) {
        $name = basename($folder)."-$i-$n";
        $client->ask('/pantry/toppings', ['topping_name' => $name, 'text' => '5 g butter']);
        $isDone = $client->status === 302 && str_contains($client->headers['location'] ?? '', '/pantry');
        fwrite(
            $notes,
            sprintf(
                "%.3f %s %s %d %.3f\n",
                microtime(true),
                $isDone ? 'kept' : 'error',
                $name,
                $client->status,
                $client->seconds,
            ),
        );
        if (! $isDone) {
            usleep(200_000);
        }
    }
    exit(0);
}
foreach ($children as $child) {
    pcntl_waitpid($child, $status);
}
