<?php

declare(strict_types=1);

namespace Aglyca\Core\Device;

/** What a scale says. */
final readonly class Weight
{
    private const GRAMS = ['g' => 1.0, 'kg' => 1000.0, 'oz' => 28.349523125, 'lb' => 453.59237];

    public function __construct(public float $grams, public bool $isStable) {}

    /**
     * Weight Measurement, 0x2A9D of the Bluetooth SIG's Weight Scale Service 1.0: flags, then 5 g or 0.01 lb a step.
     *
     * @throws DeviceFault
     */
    public static function measurement(string $bytes): self
    {
        $bytes = new Bytes($bytes);
        $flags = $bytes->uint(1);
        $steps = $bytes->uint(2);
        if ($steps === 0xFFFF) {
            throw new DeviceFault('The scale could not weigh.');
        }

        return new self(($flags & 1) === 1 ? $steps * 0.01 * self::GRAMS['lb'] : $steps * 5.0, true);
    }

    /**
     * A line as laboratory and kitchen scales print it on a serial port: "ST,+00012.3  g", "US,GS,-0003.1 g", "OL".
     *
     * @throws DeviceFault
     */
    public static function line(string $line): self
    {
        $line = trim($line, " \r\n\0\x02\x03");
        if (preg_match('~^OL\b~', $line) === 1) {
            throw new DeviceFault('There is more on the scale than it can weigh.');
        }
        if (
            strlen($line) > 40 ||
            preg_match(
                '~^(?<state>ST|US|QT)\s*,(?:\s*(?:GS|NT|TR)\s*,)?\s*(?<sign>[+-]?)\s*(?<number>\d{1,9}(?:\.\d{1,6})?)\s*(?<unit>g|kg|oz|lb)$~i',
                $line,
                $m,
            ) !== 1
        ) {
            throw new DeviceFault('The scale sent a line that is no weight.');
        }

        return new self(
            ($m['sign'] === '-' ? -1 : 1) * (float) $m['number'] * self::GRAMS[strtolower($m['unit'])],
            strtoupper($m['state']) !== 'US',
        );
    }
}
