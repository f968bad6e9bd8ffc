<?php

declare(strict_types=1);

/* Included by bench.php: a simulated kitchen, whose bakes go wrong by causes of the table, and how well they are told. */

use Aglyca\Core\Trial\Judged;
use Aglyca\Core\Wiring;

(static function (Wiring $core): void {
    $tables = $core->tables;
    mt_srand(14);
    $causes = array_column($tables->rows('causes'), null, 'cause');
    $likely = [];
    foreach ($tables->rows('cause_signs') as $row) {
        $likely[$row['cause']][$row['kind']][$row['key']][$row['value']] = (float) $row['likelihood'];
    }
    $draw = static function (array $weights): string {
        $at = mt_rand() / mt_getrandmax() * array_sum($weights);
        foreach ($weights as $key => $weight) {
            if (($at -= $weight) <= 0) {
                return (string) $key;
            }
        }

        return (string) array_key_last($weights);
    };
    // What the table does not say of a cause is usual, and the simulated kitchen judges worse than the table believes.
    $value = static function (array $said, string $right, array $wrong) use ($draw): string {
        $left = 1 - array_sum($said);
        $others = array_diff([$right, ...$wrong], array_keys($said));
        $usual = array_combine($others, array_map(static fn (string $v): float => $v === $right ? 0.8 : 0.1, $others));
        $sum = array_sum($usual) ?: 1;
        $noisy = mt_rand(0, 9) === 0;

        return $noisy
            ? [$right, ...$wrong][mt_rand(0, 2)]
            : $draw($said + array_map(static fn (float $p): float => ($p / $sum) * $left, $usual));
    };
    $family = $core->families->get('cookie-chewy');
    $priors = array_map(
        static fn (array $c): float => (float) $c['prior'],
        array_filter(
            $causes,
            static fn (array $c): bool => $c['patterns'] === '*' ||
                in_array($family->pattern, explode('|', $c['patterns']), true),
        ),
    );
    [$ours, $alone, $bakes, $first] = [0.0, 0.0, 2000, 0];
    $sum = array_sum($priors);
    for ($i = 0; $i < $bakes; $i++) {
        $true = $draw($priors);
        $judged = $levels = [];
        foreach (array_keys(Judged::THINGS) as $thing) {
            if (mt_rand(0, 2) > 0) {
                $judged[$thing] = Judged::from(
                    $value($likely[$true]['judged'][$thing] ?? [], 'right', ['little', 'much']),
                );
            }
        }
        foreach (
            [
                'brown',
                'grain',
                'cool',
                'wet',
                'fat',
                'hold',
                'lift',
                'egg',
                'sweet',
                'coconut',
                'strong',
                'allulose',
                'time',
                'heat',
                'loss',
            ] as $sign
        ) {
            if (mt_rand(0, 4) > 0) {
                $levels[$sign] = $value($likely[$true]['sign'][$sign] ?? [], 'ok', ['low', 'high']);
            }
        }
        $weights = $core->trial()->diagnosis->weights($family, $judged, $levels);
        $all = array_sum($weights);
        foreach ($priors as $cause => $prior) {
            $is = $cause === $true ? 1 : 0;
            $ours += (($weights[$cause] ?? 0) / $all - $is) ** 2;
            $alone += ($prior / $sum - $is) ** 2;
        }
        arsort($weights);
        $first += array_key_first($weights) === $true ? 1 : 0;
    }
    printf(
        "\n%-44s %9.3f, of the priors alone %.3f; the true cause first in %.0f %%\n",
        'diagnosis, Brier score over 2,000 simulated bakes',
        $ours / $bakes,
        $alone / $bakes,
        (100 * $first) / $bakes,
    );
})($core);
