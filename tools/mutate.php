<?php

declare(strict_types=1);

/*
 * Switches off each rule of the swap, each caution and each bake rule in turn, in a copy of the sources, and runs Core
 * and Reference: what survives is not tested. It takes minutes for each that survives.
 *
 *   php tools/mutate.php [rules|cautions|bake]... [--only=PATTERN]
 */

$root = dirname(__DIR__);
$copy = sys_get_temp_dir().'/aglyca-mutate-'.getmypid();
mkdir($copy);
foreach (
    [
        'core',
        'data',
        'tests',
        'app',
        'bootstrap',
        'config',
        'database',
        'packages',
        'routes',
        'resources',
        'tools',
        'composer.json',
        'phpunit.xml',
        'docs',
    ] as $part
) {
    passthru('cp -a '.escapeshellarg("$root/$part")." $copy/");
}
// Nothing of it is written to.
passthru('cp -al '.escapeshellarg("$root/vendor")." $copy/");
symlink("$root/node_modules", "$copy/node_modules");
mkdir("$copy/storage/framework", 0755, true);
register_shutdown_function(static fn () => passthru("rm -rf $copy"));

/** @var list<array{string, string, callable(string): string}> $mutants what, file, change */
$mutants = [];
$only = '';
$wanted = [];
foreach (array_slice($argv, 1) as $said) {
    str_starts_with($said, '--only=') ? ($only = substr($said, 7)) : ($wanted[] = $said);
}
$wanted = $wanted ?: ['rules', 'cautions', 'bake'];
if (in_array('rules', $wanted, true)) {
    foreach (glob("$copy/core/Swap/Rule/*.php") ?: [] as $file) {
        if (basename($file) !== 'Rule.php') {
            $mutants[] = [
                'rule '.basename($file, '.php'),
                $file,
                static fn (string $code): string => (string) preg_replace(
                    '~(public function rows\(Component \$component\): array\s*\{)~',
                    "$1\n        return [];\n",
                    $code,
                ),
            ];
        }
    }
}
if (in_array('cautions', $wanted, true)) {
    foreach ([...glob("$copy/core/Harm/Rule/*.php") ?: [], "$copy/core/Swap/Advisor.php"] as $file) {
        preg_match_all("~new Warning\(\s*'([\w-]+)'~", (string) file_get_contents($file), $m);
        foreach (array_unique($m[1]) as $key) {
            $mutants[] = [
                "caution $key",
                $file,
                static fn (string $code): string => (string) preg_replace(
                    "~(new Warning\(\s*)'$key'~",
                    "$1'switched-off'",
                    $code,
                ),
            ];
        }
    }
}
if (in_array('bake', $wanted, true)) {
    foreach (array_slice(file("$copy/data/bake_rules.csv", FILE_IGNORE_NEW_LINES) ?: [], 1) as $row) {
        $key = explode(',', $row)[0];
        $mutants[] = [
            "bake rule $key",
            "$copy/data/bake_rules.csv",
            static fn (string $csv): string => (string) preg_replace(
                '~^('.preg_quote($key, '~').'),(-?[\d.]+)~m',
                '$1,0',
                $csv,
            ),
        ];
    }
}
$run = static function () use ($copy): int {
    exec(
        'cd '.
            escapeshellarg($copy).
            ' && timeout 400 php -d memory_limit=1G vendor/bin/phpunit --testsuite Core,Reference --stop-on-failure --stop-on-error --no-output 2>/dev/null',
        $said,
        $code,
    );

    return $code;
};
if ($run() !== 0) {
    fwrite(STDERR, "Core and Reference are not green as they stand: nothing can be told of what is switched off.\n");
    exit(2);
}
$survived = [];
$mutants = array_values(array_filter($mutants, static fn (array $m): bool => preg_match("~$only~", $m[0]) === 1));
foreach ($mutants as [$what, $file, $change]) {
    $was = (string) file_get_contents($file);
    $now = $change($was);
    if ($now === $was) {
        echo "$what: could not be switched off\n";

        continue;
    }
    file_put_contents($file, $now);
    $start = time();
    $code = $run();
    file_put_contents($file, $was);
    $isCaught = $code !== 0;
    printf("%s: %s after %d s\n", $what, $isCaught ? 'noticed' : 'SURVIVED', time() - $start);
    if (! $isCaught) {
        $survived[] = $what;
    }
}
printf(
    "%d switched off, %d survived%s\n",
    count($mutants),
    count($survived),
    $survived === [] ? '' : ': '.implode(', ', $survived),
);
exit($survived === [] ? 0 : 1);
