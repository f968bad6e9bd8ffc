<?php

declare(strict_types=1);

/* Sourced by bench.php: how well and how fast lines are read. */

use Tests\Core\Reading\Corpus;

$judged = Corpus::judge($workshop);
printf("\nreading: %d lines of the corpus, %d right (%.1f %%), %d wrong and unmarked\n", $judged['lines'], $judged['right'], 100 * $judged['right'] / $judged['lines'], count($judged['unmarked']));
foreach ($judged['wrong'] as $wrong) {
    echo "  $wrong\n";
}
$texts = array_column(Corpus::rows(), 'text');
$speed = static function () use ($texts, $workshop): float {
    $start = hrtime(true);
    for ($round = 0; $round < 10; $round++) {
        foreach ($texts as $text) {
            $workshop->lines->read($text, 'k');
        }
    }

    return count($texts) * 10 / ((hrtime(true) - $start) / 1e9);
};
$speed();
$ours = $speed();
$node = proc_open(['node', __DIR__.'/../tests/Reference/parse-ingredient.mjs', '--time'], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, dirname(__DIR__));
fwrite($pipes[0], implode("\n", array_map(json_encode(...), $texts)));
fclose($pipes[0]);
$theirs = (float) trim((string) stream_get_contents($pipes[1]));
proc_close($node);
printf("lines a second, warm: %s here, with the food; %s with parse-ingredient, without: %.2fx\n", number_format($ours), number_format($theirs), $ours / max(1.0, $theirs));
