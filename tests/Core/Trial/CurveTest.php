<?php

declare(strict_types=1);

namespace Tests\Core\Trial;

use Aglyca\Core\Trial\Curve;
use Aglyca\Core\Trial\MeterFile;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class CurveTest extends CoreCase
{
    /**
     * Worked by hand with the trapezoids of FAO/WHO 1998 and ISO 26642:2010.
     *
     * @param  list<array{float, float}>  $points
     */
    #[DataProvider('curves')]
    public function test_area_above_the_fasting_value(
        array $points,
        float $baseline,
        float $area,
        float $peak,
        float $at,
    ): void {
        $curve = new Curve($points);
        self::assertEqualsWithDelta(
            [$baseline, $area, $peak, $at],
            [$curve->baseline, $curve->area, $curve->peak, $curve->peakMinute],
            1e-9,
        );
    }

    /** @return array<string, array{list<array{float, float}>, float, float, float, float}> */
    public static function curves(): array
    {
        return [
            // 2*15/2 + (2+3)/2*15 + (3+1)/2*30 + 1*30/2 = 15 + 37.5 + 60 + 15
            'up and down' => [[[0.0, 5.0], [15.0, 7.0], [30.0, 8.0], [60.0, 6.0], [90.0, 5.0]], 5.0, 127.5, 8.0, 30.0],
            // 1*30/2 + triangle 1/2*30*1/2 = 15 + 7.5; from -1 to 0 nothing
            'dips below' => [[[0.0, 5.0], [30.0, 6.0], [60.0, 4.0], [90.0, 5.0]], 5.0, 22.5, 6.0, 30.0],
            // rises through the line: 2/2*40*2/3
            'comes up from below' => [[[0.0, 5.0], [20.0, 4.0], [60.0, 7.0]], 5.0, 40.0 / 1.5, 7.0, 60.0],
            'falls only' => [[[0.0, 6.0], [30.0, 5.0], [60.0, 5.5]], 6.0, 0.0, 6.0, 0.0],
            // Readings before the portion: the mean of the last two is the fasting value; a triangle of 0.8 on 24 minutes
            // each way.
            'fasting readings first' => [[[-15.0, 5.4], [0.0, 5.0], [30.0, 6.0], [60.0, 5.0]], 5.2, 19.2, 6.0, 30.0],
        ];
    }

    #[DataProvider('files')]
    public function test_files_of_many_makes(
        string $csv,
        string $unit,
        int $count,
        float $first,
        float $last,
        float $minutes,
    ): void {
        $file = MeterFile::read($csv);
        self::assertSame([$unit, $count], [$file->unit, count($file->points)]);
        self::assertEqualsWithDelta(
            [$first, $last, $minutes],
            [$file->points[0][1], $file->points[$count - 1][1], $file->points[$count - 1][0]],
            1e-6,
        );
    }

    /** @return array<string, array{string, string, int, float, float, float}> */
    public static function files(): array
    {
        return [
            'minutes, commas' => [
                "minutes,glucose mmol/L\n0,5.1\n15,6.4\n30,7.0\n60,5.6\n",
                'mmol/L',
                4,
                5.1,
                5.6,
                60.0,
            ],
            'semicolons and decimal commas' => [
                "Zeit;Glukose (mmol/L)\n24.12.2026 16:00;5,1\n24.12.2026 16:30;7,2\n24.12.2026 17:30;5,3\n",
                'mmol/L',
                3,
                5.1,
                5.3,
                90.0,
            ],
            'mg/dL by heading' => [
                "Timestamp,Glucose (mg/dL)\n2026-12-24T16:00:00,90.08\n2026-12-24T16:45:00,126.112\n",
                'mg/dL',
                2,
                5.0,
                7.0,
                45.0,
            ],
            'mg/dL by value alone' => [
                "date;time;value\n2026/12/24;16:00;95\n2026/12/24;16:30;140\n2026/12/24;17:00;101\n",
                'mg/dL',
                3,
                95 / 18.016,
                101 / 18.016,
                60.0,
            ],
            'a sensor with a preamble, quotes, gaps and other records' => [
                "Patient report,,,\nGenerated,2026-12-25,,\nDevice,Serial,Device Timestamp,Record Type,Historic Glucose mmol/L,Notes\n\"x\",1,24-12-2026 16:00,0,5.2,\n\"x\",1,24-12-2026 16:15,6,,ate\n\"x\",1,24-12-2026 16:30,0,7.9,\n\"x\",1,24-12-2026 16:45,0,6.6,\n",
                'mmol/L',
                3,
                5.2,
                6.6,
                45.0,
            ],
            'American dates, duplicates, out of order' => [
                "Date Time\tReading mg/dL\n12/24/2026 4:30 PM\t140\n12/24/2026 4:00 PM\t92\n12/24/2026 4:30 PM\t141\n",
                'mg/dL',
                2,
                92 / 18.016,
                141 / 18.016,
                30.0,
            ],
            'a heading that contradicts its values' => [
                "time,glucose mmol/L\n2026-12-24 16:00,92\n2026-12-24 16:30,130\n",
                'mg/dL',
                2,
                92 / 18.016,
                130 / 18.016,
                30.0,
            ],
            'day first where a day is over twelve' => [
                "time,glucose\n13/12/2026 08:00,5.0\n13/12/2026 09:00,6.0\n",
                'mmol/L',
                2,
                5.0,
                6.0,
                60.0,
            ],
        ];
    }

    public function test_values_at_which_it_is_usual_to_act_bring_one_calm_sentence(): void
    {
        self::assertStringContainsString(
            'under 3.9',
            (new Curve([[0.0, 5.0], [30.0, 3.8]]))->caution(self::core()->constants),
        );
        self::assertStringContainsString(
            'over 13.9',
            (new Curve([[0.0, 7.0], [30.0, 14.0]]))->caution(self::core()->constants),
        );
        self::assertSame('', (new Curve([[0.0, 5.0], [30.0, 13.9]]))->caution(self::core()->constants));
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_curve_is_refused(callable $make): void
    {
        $this->expectException(InvalidArgumentException::class);
        $make();
    }

    /** @return array<string, array{callable}> */
    public static function wrong(): array
    {
        return [
            'one point' => [static fn () => new Curve([[0.0, 5.0]])],
            'out of order' => [static fn () => new Curve([[30.0, 5.0], [0.0, 6.0]])],
            'no glucose' => [static fn () => new Curve([[0.0, 5.0], [30.0, 400.0]])],
            'no columns' => [static fn () => MeterFile::read("name,colour\nx,red\n")],
            'empty' => [static fn () => MeterFile::read('')],
            'binary' => [static fn () => MeterFile::read("\x00\xff\xfe".str_repeat("\x01,", 300))],
        ];
    }
}
