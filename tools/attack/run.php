<?php

declare(strict_types=1);

/* What `./aglyca attack` does; each part prints its line and adds it to docs/attack.md. */

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/Client.php';

const CAKE = "Plain cake\nMakes 12 slices\n200 g sugar\n250 g plain flour\n150 g butter\n3 eggs\n100 ml milk\n2 tsp baking powder\n\nMethod\nBeat the butter and sugar. Beat in the eggs. Fold in the flour and baking powder with the milk.\nBake at 180 °C for 40 minutes.";

$base = $argv[1];
$wanted = array_slice($argv, 2);
$lines = [];
// Parts whose threshold was not kept.
$failed = [];
$say = static function (string $what, string $figure) use (&$lines): void {
    $lines[] = "| $what | $figure |";
    printf("%-60s %s\n", $what, $figure);
};
$parts = ['tenancy', 'hostile', 'worst', 'lost', 'frozen', 'killed', 'full', 'backup', 'many'];
foreach ($parts as $part) {
    if ($wanted === [] || in_array($part, $wanted, true)) {
        (require __DIR__."/$part.php")($base, $say);
    }
}
if ($wanted === []) {
    file_put_contents(
        dirname(__DIR__, 2).'/docs/attack.md',
        "# The attack\n\nWhat `./aglyca attack` found the last time, against a server and a database of its own on loopback (".
            date('Y-m-d').
            ', '.
            trim((string) shell_exec('nproc')).
            " processors). It is no part of the tests: it takes minutes, and kills.\n\n| what | found |\n| --- | --- |\n".
            implode("\n", $lines).
            "\n",
    );
}
if ($failed !== []) {
    fwrite(STDERR, 'Not kept: '.implode(', ', $failed)."\n");
    exit(1);
}
