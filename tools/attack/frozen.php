<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* The database stops answering, and comes back. */
return static function (string $base, callable $say): void {
    $client = new Client($base);
    $client->signUp('Mine');
    $pid = trim((string) file_get_contents(getenv('ATTACK_STATE').'/run/m.pid'));
    shell_exec("kill -STOP $pid");
    $guest = new Client($base);
    $start = microtime(true);
    $guest->ask('/up');
    $say('frozen database: /up says', "$guest->status after ".round(microtime(true) - $start, 1).' s');
    shell_exec("kill -CONT $pid");
    sleep(1);
    $client->ask('/shelf');
    $say('after it goes on: the Shelf of who was signed in', (string) $client->status);
};
