<?php

declare(strict_types=1);

/*
 * php tools/mixtures.php [COUNT] [SEED] : reads random mixtures of words, signs and bytes. Exit 1 where one ends in
 * anything but a recipe or a sentence for the baker. Says how many texts have words that stand in no row of what was
 * read, and the slowest.
 */

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Tables;

require dirname(__DIR__).'/vendor/autoload.php';
$tables = Tables::in(dirname(__DIR__).'/data');
$kernel = Kernel::open($tables);
[$count, $seed] = [(int) ($argv[1] ?? 20_000), (int) ($argv[2] ?? 1)];
mt_srand($seed);
$words = [
    ...array_map(strval(...), array_keys($tables->keyed('language/en/lexicon', 'word'))), 'flour', 'sugar', 'eggs', 'butter', '200', '1/2', '½', 'Makes', '180', 'vanilla',
    '"', "\n", "\n", "\n\n", ',', ';', '.', '-', '%', '€', '日本', 'é', '🙂', "\t", '  ', '|', '<b>', '&amp;', "\u{200b}", "\r\n", "\0", '{"a":', '(', ')',
];
[$errors, $refused, $lost, $slowest] = [0, 0, 0, 0.0];
for ($n = 0; $n < $count; $n++) {
    $text = '';
    for ($i = mt_rand(3, 80); $i > 0; $i--) {
        $text .= $words[mt_rand(0, count($words) - 1)].(mt_rand(0, 5) === 0 ? '' : ' ');
    }
    $text .= mt_rand(0, 20) === 0 ? chr(mt_rand(128, 255)) : '';
    $from = hrtime(true);
    try {
        $recipe = $kernel->read(new Brief($text));
    } catch (UnreadableRecipe) {
        $refused++;

        continue;
    } catch (Throwable $e) {
        $errors++;
        fwrite(STDERR, json_encode($text, JSON_INVALID_UTF8_SUBSTITUTE).': '.$e->getMessage()."\n");

        continue;
    }
    $slowest = max($slowest, (hrtime(true) - $from) / 1e6);
    $rows = implode(' ', array_map(static fn ($row): string => $row->text, $recipe->rows));
    preg_match_all('~\pL{3,}~u', mb_scrub($text), $said);
    $lost += array_filter($said[0], static fn (string $word): bool => ! str_contains($rows, $word)) === [] ? 0 : 1;
}
printf("%d mixtures, seed %d: %d errors, %d refused with a sentence, %d with words in no row, slowest %.0f ms\n", $count, $seed, $errors, $refused, $lost, $slowest);
exit($errors > 0 ? 1 : 0);
