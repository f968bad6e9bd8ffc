<?php

declare(strict_types=1);

namespace Aglyca\Core\Device;

/** What a probe thermometer says. */
final readonly class Heat
{
    public function __construct(public float $celsius) {}

    /**
     * Temperature Measurement, 0x2A1C of the Bluetooth SIG's Health Thermometer Service 1.0: flags, then an IEEE 11073
     * FLOAT.
     *
     * @throws DeviceFault
     */
    public static function measurement(string $bytes): self
    {
        $bytes = new Bytes($bytes);
        $isFahrenheit = ($bytes->uint(1) & 1) === 1;
        $value = MedicalFloat::float($bytes);
        $celsius = $isFahrenheit ? ($value - 32) / 1.8 : $value;
        if ($celsius < -273.15 || $celsius > 2000) {
            throw new DeviceFault('The probe says a heat that cannot be.');
        }

        return new self($celsius);
    }
}
