<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* Eight write without pause while the database is killed hard, five times; what was acknowledged is counted afterwards. */
return static function (string $base, callable $say): void {
    $state = (string) getenv('ATTACK_STATE');
    $writers = [];
    for ($i = 0; $i < 8; $i++) {
        $writers[$i] = new Client($base);
        $writers[$i]->signUp("Writer $i");
    }
    $acknowledged = [];
    $errors = 0;
    for ($round = 0; $round < 5; $round++) {
        for ($n = 0; $n < 12; $n++) {
            foreach ($writers as $i => $writer) {
                if ($n === 6 && $i === $round) {
                    shell_exec("kill -9 $(cat $state/run/m.pid)");
                }
                $name = "w$round-$n-$i";
                $writer->ask('/pantry/toppings', ['topping_name' => $name, 'text' => '5 g butter']);
                if ($writer->status === 302 && ! str_contains($writer->headers['location'] ?? '', 'sign-in')) {
                    $acknowledged[] = $name;
                } else {
                    $errors++;
                }
            }
        }
        exec(
            'bash -c '.
                escapeshellarg(
                    'AGLYCA_STATE='.
                        $state.
                        ' DB_PORT_OF='.
                        getenv('ATTACK_DB').
                        ' '.
                        getenv('AGLYCA_CHECKOUT').
                        '/tools/attack/database.sh',
                ),
            $said,
            $code,
        );
        $code === 0 || throw new RuntimeException('the database did not come back: '.implode(' ', $said));
    }
    $there = explode(
        "\n",
        trim(
            (string) shell_exec(
                "mariadb --no-defaults --socket=$state/run/m.sock -N -e 'select name from toppings' aglyca",
            ),
        ),
    );
    $say('writes acknowledged while the database was killed five times', (string) count($acknowledged));
    $say('of these lost', (string) count(array_diff($acknowledged, $there)));
    $say('answers that asked to try again', (string) $errors);
};
