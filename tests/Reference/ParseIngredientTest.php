<?php

declare(strict_types=1);

namespace Tests\Reference;

use Tests\Core\CoreCase;
use Tests\Core\Reading\Corpus;

/**
 * Amount and unit of every line of the corpus against the parser `parse-ingredient` 3.0.0 (npm, test only).
 * Where they differ, the line stands in `parse-ingredient.judged.txt` with the reason; no other may differ.
 */
final class ParseIngredientTest extends CoreCase
{
    private const UNITS = [
        'teaspoon' => 'tsp',
        'tablespoon' => 'tbsp',
        'gram' => 'g',
        'kilogram' => 'kg',
        'ounce' => 'oz',
        'fluid ounce' => 'floz',
        'fluidounce' => 'floz',
        'pound' => 'lb',
        'milliliter' => 'ml',
        'liter' => 'l',
        'deciliter' => 'dl',
        'package' => 'packet',
        'can' => 'tin',
        'large' => '',
        'medium' => '',
        'small' => '',
    ];

    public function test_every_difference_was_judged(): void
    {
        $judged = [];
        foreach (array_slice(file(__DIR__.'/parse-ingredient.judged.txt', FILE_IGNORE_NEW_LINES) ?: [], 1) as $row) {
            $at = (int) strrpos($row, '|');
            $judged[substr($row, 0, $at)] = substr($row, $at + 1);
        }
        [$agree, $differ] = self::compare();
        self::assertGreaterThanOrEqual(150, $agree + count($differ));
        self::assertGreaterThan(0.7 * ($agree + count($differ)), $agree);
        self::assertSame([], array_diff($differ, array_keys($judged)), 'lines that differ and were not judged');
        self::assertSame([], array_diff(array_keys($judged), $differ), 'judged lines that no longer differ');
        self::assertNotContains('', $judged);
    }

    /** @return array{int, list<string>} how many lines agree, and those that differ */
    private static function compare(): array
    {
        $rows = Corpus::rows();
        $theirs = self::theirs(array_column($rows, 'text'));
        $agree = 0;
        $differ = [];
        foreach ($rows as $i => $row) {
            $line = self::line($row['text']);
            $amount = isset($theirs[$i]['low'])
                ? ($theirs[$i]['low'] + ($theirs[$i]['high'] ?? $theirs[$i]['low'])) / 2
                : null;
            $unit = self::UNITS[$theirs[$i]['unit'] ?? ''] ?? ($theirs[$i]['unit'] ?? '');
            $ours = $line->measure()?->count->value;
            if (
                ($ours === null) === ($amount === null) &&
                abs(($ours ?? 0.0) - ($amount ?? 0.0)) < 0.01 &&
                ($line->measure()?->unit->key ?? '') === $unit
            ) {
                $agree++;
            } else {
                $differ[] = $row['text'];
            }
        }

        return [$agree, $differ];
    }

    /**
     * @param  list<string>  $lines
     * @return list<array{low?: ?float, high?: ?float, unit?: ?string}>
     */
    private static function theirs(array $lines): array
    {
        $process = proc_open(
            ['node', __DIR__.'/parse-ingredient.mjs'],
            [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            dirname(__DIR__, 2),
        );
        fwrite($pipes[0], implode("\n", array_map(json_encode(...), $lines)));
        fclose($pipes[0]);
        $out = array_map(
            static fn (string $l): array => json_decode($l, true),
            explode("\n", trim((string) stream_get_contents($pipes[1]))),
        );
        proc_close($process);

        return $out;
    }
}
