<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Plan\Arc;
use Aglyca\Core\Plan\Block;
use Aglyca\Core\Plan\Hold;
use Aglyca\Core\Plan\Problem;
use Aglyca\Core\Plan\Search;
use Aglyca\Core\Plan\Shared;
use Aglyca\Core\Quantity\Stretch;
use PHPUnit\Framework\TestCase;

/**
 * Small days against GLPK 5.0 (Debian `glpk-utils`) as mixed-integer programmes with a binary for each job and minute.
 */
final class DayGlpkTest extends TestCase
{
    public function test_random_days_end_as_early_as_they_can(): void
    {
        mt_srand(20261126);
        $solved = 0;
        for ($case = 0; $case < 125; $case++) {
            $problem = self::random();
            $found = (new Search($problem, 200_000))->run();
            $horizon = $found?->end ?? 60;
            $best = self::glpk($problem, $horizon, max([$horizon, ...($found->starts ?? [])]) + 3);
            if ($found === null) {
                self::assertNull($best, "day $case has a way that was not found");

                continue;
            }
            self::assertSame($found->end, $found->proven, "day $case is searched to the end");
            self::assertSame($found->end, $best, "day $case");
            $solved++;
        }
        self::assertGreaterThanOrEqual(100, $solved);
    }

    private static function random(): Problem
    {
        $n = mt_rand(4, 6);
        $minutes = array_map(static fn (): int => mt_rand(1, 4), range(1, $n));
        $arcs = [];
        for ($j = 1; $j < $n; $j++) {
            foreach (mt_rand(0, 2) === 0 ? [] : [mt_rand(0, $j - 1)] as $i) {
                $arcs[] = new Arc($i, $j, $minutes[$i] + mt_rand(0, 2));
                if (mt_rand(0, 3) === 0) {
                    $arcs[] = new Arc($j, $i, -$minutes[$i] - mt_rand(2, 4));
                }
            }
        }
        $hands = $oven = $blocks = [];
        $bakers = mt_rand(1, 4) === 1 ? 2 : 1;
        foreach ($minutes as $j => $p) {
            if (mt_rand(0, 2) > 0) {
                $hands[] = new Hold($j, 0, $p);
            } elseif (mt_rand(0, 1) === 1) {
                $oven[] = new Hold($j, 0, $p);
                $blocks[] = new Block((float) mt_rand(1, 2), [$j]);
                $hands[] = new Hold($j, 0, 1);
                if ($p > 1) {
                    $hands[] = new Hold($j, $p - 1, 1);
                }
            }
        }
        $asleep = mt_rand(0, 2) === 0 ? [new Stretch(5, 7)] : [];
        $counts = array_map(static fn (): bool => mt_rand(0, 4) > 0, $minutes);
        $counts[$n - 1] = true;

        return new Problem(
            $minutes,
            $arcs,
            ['hands' => new Shared($bakers, $hands), 'oven' => new Shared(mt_rand(1, 2), $oven)],
            $blocks,
            $asleep,
            $counts,
        );
    }

    /**
     * @param  int  $last  minute in which anything starts
     * @return ?int the earliest end within so many minutes; null where there is none
     */
    private static function glpk(Problem $problem, int $horizon, int $last): ?int
    {
        $start = static fn (int $j, float|int $by = 1): string => implode(
            ' ',
            array_map(static fn (int $t): string => sprintf('%+d x%d_%d', $by * $t, $j, $t), range(0, $last)),
        );
        $rows = $binary = [];
        foreach ($problem->minutes as $j => $p) {
            $binary = [...$binary, ...array_map(static fn (int $t): string => "x{$j}_$t", range(0, $last))];
            $rows[] = implode(' ', array_map(static fn (int $t): string => "+ x{$j}_$t", range(0, $last))).' = 1';
            if ($problem->counts[$j]) {
                $rows[] = 'end '.$start($j, -1)." >= $p";
            }
        }
        foreach ($problem->arcs as $arc) {
            $rows[] = $start($arc->to).' '.$start($arc->from, -1)." >= $arc->lag";
        }
        foreach ($problem->places as $name => $shared) {
            for ($t = 0; $t <= $last + 10; $t++) {
                $terms = [];
                $free =
                    $name === 'hands' &&
                    array_filter($problem->asleep, static fn (Stretch $night): bool => $night->holds($t)) !== []
                        ? 0
                        : $shared->capacity;
                foreach ($shared->holds as $hold) {
                    for (
                        $s = max(0, $t - $hold->offset - $hold->length + 1);
                        $s <= min($last, $t - $hold->offset);
                        $s++
                    ) {
                        $terms[] = "+ x{$hold->job}_$s";
                    }
                }
                if ($terms !== []) {
                    $rows[] = implode(' ', $terms)." <= $free";
                }
            }
        }
        foreach ($problem->blocks as $a => $one) {
            foreach (array_slice($problem->blocks, $a + 1, null, true) as $b => $other) {
                if ($one->heat !== $other->heat) {
                    [$i, $j, $most] = [$one->jobs[0], $other->jobs[0], $last + 10];
                    $binary[] = "y{$a}_$b";
                    $rows[] = $start($j).' '.$start($i, -1)." + $most y{$a}_$b >= {$problem->minutes[$i]}";
                    $rows[] = $start($i).' '.$start($j, -1)." - $most y{$a}_$b >= ".($problem->minutes[$j] - $most);
                }
            }
        }
        $file = tempnam(sys_get_temp_dir(), 'day');
        file_put_contents(
            $file,
            "Minimize\n end\nSubject To\n ".
                implode("\n ", $rows).
                "\nBounds\n 0 <= end <= ".
                $horizon.
                "\nBinary\n ".
                implode("\n ", $binary).
                "\nEnd\n",
        );
        exec('glpsol --lp '.escapeshellarg($file).' --cuts -w '.escapeshellarg("$file.raw").' 2>&1', $said);
        $raw = is_file("$file.raw") ? (string) file_get_contents("$file.raw") : '';
        @unlink($file);
        @unlink("$file.raw");
        if (preg_match('~^s mip \d+ \d+ (\w) (\S+)~m', $raw, $m) !== 1) {
            self::fail(implode("\n", $said));
        }

        return $m[1] === 'o' ? (int) round((float) $m[2]) : null;
    }
}
