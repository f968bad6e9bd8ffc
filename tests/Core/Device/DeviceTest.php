<?php

declare(strict_types=1);

namespace Tests\Core\Device;

use Aglyca\Core\Device\DeviceFault;
use Aglyca\Core\Device\Glucose;
use Aglyca\Core\Device\Heat;
use Aglyca\Core\Device\Weight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Worked byte strings of the published formats: Bluetooth SIG Weight Scale, Health Thermometer and Glucose Services
 * 1.0, IEEE 11073-20601.
 */
final class DeviceTest extends TestCase
{
    /** @param  array{of: string, hex?: string, text?: string, value: ?float, stable?: bool}  $row */
    #[DataProvider('rows')]
    public function test_worked_readings(array $row): void
    {
        if ($row['value'] === null) {
            $this->expectException(DeviceFault::class);
        }
        self::assertEqualsWithDelta($row['value'], self::read($row), 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function rows(): iterable
    {
        foreach (self::table() as $i => $row) {
            yield "$i ".($row['what'] ?? trim($row['text'])) => [$row];
        }
    }

    public function test_a_moving_scale_says_so_and_a_meter_its_time(): void
    {
        self::assertFalse(Weight::line("US,+00012.3  g\r\n")->isStable);
        self::assertTrue(Weight::line('ST,+00012.3 g')->isStable);
        self::assertSame(
            '2026-12-24T19:00:00',
            Glucose::measurement((string) hex2bin('070300ea070c181200003c0037c000'))->moment->format('Y-m-d\TH:i:s'),
        );
    }

    public function test_garbage_is_refused_and_never_breaks(): void
    {
        mt_srand(13);
        for ($i = 0; $i < 10_000; $i++) {
            $bytes = '';
            for ($k = mt_rand(0, 24); $k > 0; $k--) {
                $bytes .= chr(mt_rand(0, 255));
            }
            foreach (
                [Weight::measurement(...), Weight::line(...), Heat::measurement(...), Glucose::measurement(...)] as $read
            ) {
                try {
                    $read($bytes);
                } catch (DeviceFault) {
                }
            }
        }
        $this->addToAssertionCount(1);
    }

    /** The browser reads with a twin: the same table, the same values. */
    public function test_the_browsers_twin_agrees(): void
    {
        $script = <<<'JS'
            import { readFileSync } from 'node:fs';
            const devices = await import(process.argv[2]);
            const rows = JSON.parse(readFileSync(process.argv[3], 'utf8'));
            console.log(JSON.stringify(rows.map((row) => {
                const bytes = Uint8Array.from((row.hex ?? '').match(/../g) ?? [], (b) => parseInt(b, 16));
                try {
                    const said = row.of === 'line' ? devices.line(row.text) : devices[row.of](bytes);
                    return said.grams ?? said.celsius ?? said.mmol;
                } catch (fault) {
                    return fault instanceof devices.DeviceFault ? null : String(fault);
                }
            })));
            JS;
        $file = tempnam(sys_get_temp_dir(), 'twin').'.mjs';
        $twin = tempnam(sys_get_temp_dir(), 'devices').'.mjs';
        file_put_contents($file, $script);
        copy(dirname(__DIR__, 3).'/resources/js/devices.js', $twin);
        exec(
            'node '.
                escapeshellarg($file).
                ' '.
                escapeshellarg($twin).
                ' '.
                escapeshellarg(__DIR__.'/readings.json').
                ' 2>&1',
            $said,
        );
        array_map(unlink(...), [$file, $twin]);
        $values = json_decode(implode("\n", $said), true, flags: JSON_THROW_ON_ERROR);
        foreach (self::table() as $i => $row) {
            self::assertEqualsWithDelta($row['value'], $values[$i], 1e-9, "row $i");
        }
    }

    /** @return list<array<string, mixed>> */
    private static function table(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/readings.json'), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  $row */
    private static function read(array $row): float
    {
        $bytes = (string) hex2bin($row['hex'] ?? '');

        return match ($row['of']) {
            'weight' => Weight::measurement($bytes)->grams,
            'line' => Weight::line($row['text'])->grams,
            'heat' => Heat::measurement($bytes)->celsius,
            'glucose' => Glucose::measurement($bytes)->mmol,
        };
    }
}
