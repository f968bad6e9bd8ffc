<?php

declare(strict_types=1);

/* Sourced by bench.php: how well and how fast lines are read. */

use Tests\Core\Reading\Corpus;

$judged = Corpus::judge($core);
printf(
    "\nreading: %d lines of the corpus, %d right (%.1f %%), %d wrong and unmarked\n",
    $judged['lines'],
    $judged['right'],
    (100 * $judged['right']) / $judged['lines'],
    count($judged['unmarked']),
);
foreach ($judged['wrong'] as $wrong) {
    echo "  $wrong\n";
}
$texts = array_column(Corpus::rows(), 'text');
$speed = static function () use ($texts, $core): float {
    $start = hrtime(true);
    for ($round = 0; $round < 10; $round++) {
        foreach ($texts as $text) {
            $core->reading()->lines->read($text, 'k');
        }
    }

    return count($texts) * 10 / ((hrtime(true) - $start) / 1e9);
};
$peer = static function () use ($texts): float {
    $node = proc_open(
        ['node', __DIR__.'/../tests/Reference/parse-ingredient.mjs', '--time'],
        [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
        dirname(__DIR__),
    );
    fwrite($pipes[0], implode("\n", array_map(json_encode(...), $texts)));
    fclose($pipes[0]);
    $speed = (float) trim((string) stream_get_contents($pipes[1]));
    proc_close($node);

    return $speed;
};
$speed();
[$ours, $theirs] = [[], []];
for ($round = 0; $round < 5; $round++) {
    $ours[] = $speed();
    $theirs[] = $peer();
}
sort($ours);
sort($theirs);
printf(
    "lines a second, warm: %s here, with the food; %s with parse-ingredient, without: %.2fx\n",
    number_format($ours[2]),
    number_format($theirs[2]),
    $ours[2] / max(1.0, $theirs[2]),
);
