<?php

declare(strict_types=1);

/* What the load of a cluster test left: acknowledged, lost, errors and when, and how two servers compare with one. */

$folder = (string) getenv('CLUSTER');
$read = static function (string $name) use ($folder): array {
    $rows = [];
    foreach (glob("$folder/$name/*") ?: [] as $file) {
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            $rows[] = explode(' ', $line);
        }
    }

    return $rows;
};
$kept = static fn (array $rows): array => array_values(
    array_filter($rows, static fn (array $r): bool => $r[1] === 'kept'),
);
[$one, $two, $kill] = [$read('one'), $read('two'), $read('kill')];
$killedAt = (float) file_get_contents("$folder/killed-at");
$lines = [];
$say = static function (string $what, string $figure) use (&$lines): void {
    $lines[] = "| $what | $figure |";
    printf("%-64s %s\n", $what, $figure);
};
$say('writes a second, one application server alone', (string) round(count($kept($one)) / 10, 1));
$say('writes a second, two behind the balancer', (string) round(count($kept($two)) / 10, 1));
$say(
    'two against one',
    round(count($kept($two)) / max(1, count($kept($one))), 2).
        ' times, on '.
        trim((string) shell_exec('nproc')).
        ' processors',
);
$names = array_column($kept($kill), 2);
$say('acknowledged while a node and a server were killed and rejoined', (string) count($names));
foreach ([1, 2, 3] as $n) {
    $there = array_flip(
        explode(
            "\n",
            trim(
                (string) shell_exec(
                    "mariadb --no-defaults --socket=$folder/n$n/m.sock -N -e 'SET SESSION wsrep_sync_wait=1; select name from toppings' aglyca",
                ),
            ),
        ),
    );
    $say(
        "of these not on node $n",
        (string) count(array_filter($names, static fn (string $name): bool => ! isset($there[$name]))),
    );
}
$errors = array_filter($kill, static fn (array $r): bool => $r[1] === 'error');
$say('errors', (string) count($errors));
$say(
    'errors later than 10 s after the kill',
    (string) count(array_filter($errors, static fn (array $r): bool => (float) $r[0] > $killedAt + 10)),
);
$say(
    'the last of them after',
    $errors === [] ? 'none' : round(max(array_map('floatval', array_column($errors, 0))) - $killedAt, 1).' s',
);
file_put_contents(
    dirname(__DIR__, 2).'/docs/cluster.md',
    "# Past one machine\n\nWhat `./aglyca cluster test` counted the last time (".
        date('Y-m-d').
        "): three database nodes, two application servers, a balancer, 16 clients that write without pause, all on one machine.\n\n| what | counted |\n| --- | --- |\n".
        implode("\n", $lines).
        "\n\nHow it stands together: `deploy/haproxy.cfg`, `deploy/galera.cnf`, `docs/deploy.md`.\n",
);
