<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Brief;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Linear\DualSimplex;
use Aglyca\Core\Linear\Programme;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Linear\Simplex;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;
use Tests\Core\KernelTest;
use Tests\Core\Swap\SwapperTest;

/** The optimum against GLPK 5.0 (Debian `glpk-utils`), which reads the same programme as a CPLEX LP file. */
final class GlpkTest extends CoreCase
{
    public function test_random_programmes_have_the_same_optimum(): void
    {
        mt_srand(20261124);
        for ($case = 0; $case < 300; $case++) {
            $programme = $this->random();
            $ours = Simplex::solve($programme);
            self::assertEqualsWithDelta(
                self::glpk($programme),
                $ours->objective,
                1e-6 * max(1.0, abs($ours->objective)),
                "programme $case",
            );
            foreach ($programme->rows as $i => $row) {
                $value = array_sum(
                    array_map(static fn (float $a, float $x): float => $a * $x, $row->coefficients, $ours->grams),
                );
                self::assertGreaterThanOrEqual($row->low - 1e-6, $value - $ours->misses[$i]);
                self::assertLessThanOrEqual($row->high + 1e-6, $value - $ours->misses[$i]);
            }
            foreach ($ours->grams as $j => $grams) {
                self::assertGreaterThanOrEqual(-1e-9, $grams);
                self::assertLessThanOrEqual($programme->most[$j] + 1e-6, $grams);
            }
        }
    }

    /** As eggs are made whole: from the optimum to that with one amount held, against GLPK with that amount bounded. */
    public function test_one_amount_held_has_the_same_optimum(): void
    {
        mt_srand(20261129);
        for ($case = 0; $case < 200; $case++) {
            $programme = $this->random();
            $optimum = Simplex::optimum($programme);
            $variable = mt_rand(0, count($programme->costs) - 1);
            $most = min(400.0, $programme->most[$variable]);
            $value = [0.0, floor($most), $most * mt_rand() / mt_getrandmax()][$case % 3];
            $held = DualSimplex::holding($optimum, $variable, $value);
            self::assertSame($value, $held->grams[$variable]);
            // Between bounds that meet it stands where it is held.
            $bounded = str_replace(
                is_finite($programme->most[$variable])
                    ? sprintf(" 0 <= x%d <= %.17g\n", $variable, $programme->most[$variable])
                    : " x$variable >= 0\n",
                sprintf(" x%d = %.17g\n", $variable, $value),
                $programme->lp(),
            );
            self::assertEqualsWithDelta(
                self::optimumOf($bounded),
                $held->objective,
                1e-6 * max(1.0, abs($held->objective)),
                "programme $case",
            );
        }
    }

    /** Every programme that the demo desserts become, by each sweetener and each school. */
    #[DataProvider('all')]
    public function test_the_desserts_programmes_have_the_same_optimum(
        string $text,
        string $sweetener,
        string $school,
    ): void {
        $this->assertOptimal(self::brief($text, ['sweetener' => $sweetener, 'school' => $school]));
    }

    /** Recipes and wishes thrown together: programmes as odd as a kitchen can make them. */
    public function test_odd_programmes_have_the_same_optimum(): void
    {
        for ($seed = 1001; $seed <= 1080; $seed++) {
            mt_srand($seed);
            $this->assertOptimal(KernelTest::thrown());
        }
    }

    private function assertOptimal(Brief $brief): void
    {
        $recipe = self::kernel()->read($brief);
        $formula = Formula::asWritten($recipe, $brief->portions->pieces, self::core()->constants);
        $swapper = self::core()->swapper;
        foreach (
            $swapper->lay($formula, $brief->wishes, OvenPlan::asWritten($recipe->steps, self::core()->ovens)) as $problem
        ) {
            $programme = $problem->programme();
            if ($programme->costs !== [] && $programme->rows !== []) {
                $ours = Simplex::solve($programme)->objective;
                self::assertEqualsWithDelta(self::glpk($programme), $ours, 1e-6 * max(1.0, abs($ours)));
            }
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function all(): iterable
    {
        return SwapperTest::all();
    }

    public static function glpk(Programme $programme): float
    {
        return self::optimumOf($programme->lp());
    }

    private static function optimumOf(string $lp): float
    {
        $file = tempnam(sys_get_temp_dir(), 'lp');
        file_put_contents($file, $lp);
        exec('glpsol --lp '.escapeshellarg($file).' -w '.escapeshellarg("$file.raw").' 2>&1', $said);
        $raw = (string) @file_get_contents("$file.raw");
        unlink($file);
        @unlink("$file.raw");
        self::assertSame(1, preg_match('~^s bas \d+ \d+ f f (\S+)$~m', $raw, $m), implode("\n", $said));

        return (float) $m[1];
    }

    private function random(): Programme
    {
        $n = mt_rand(1, 10);
        $m = mt_rand(1, 14);
        $real = static fn (float $low, float $high): float => $low + ($high - $low) * mt_rand() / mt_getrandmax();
        $rows = [];
        for ($i = 0; $i < $m; $i++) {
            // Some rows speak of one variable alone, as what is usual of an ingredient does.
            $of = mt_rand(0, 2) === 0 ? mt_rand(0, $n - 1) : -1;
            $coefficients = array_map(static fn (int $j): float => match (true) {
                $of >= 0 => $j === $of ? $real(-1, 4) : 0.0, mt_rand(0, 3) === 0 => 0.0, default => $real(-2, 4)
            }, range(0, $n - 1));
            $low = $real(-60, 200);
            $high = $low + $real(0, 80);
            [$low, $high] = match (mt_rand(0, 3)) {
                0 => [-INF, $high], 1 => [$low, INF], 2 => [$low, $low], default => [$low, $high]
            };
            $rows[] = new Row(
                'bulk',
                $coefficients,
                $low,
                $high,
                mt_rand(0, 5) === 0 ? 10_000.0 : $real(0.1, 8),
                $real(0.5, 50),
                $of,
            );
        }

        return new Programme(
            array_map(static fn (): float => mt_rand(0, 2) === 0 ? 0.0 : $real(0, 0.2), range(1, $n)),
            array_map(static fn (): float => mt_rand(0, 1) === 0 ? INF : $real(0, 300), range(1, $n)),
            $rows,
        );
    }
}
