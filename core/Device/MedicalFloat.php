<?php

declare(strict_types=1);

namespace Aglyca\Core\Device;

/**
 * The decimal numbers of IEEE 11073-20601: FLOAT (32 bits) and SFLOAT (16 bits), little-endian as Bluetooth sends
 * them.
 */
final class MedicalFloat
{
    /** @throws DeviceFault for NaN, NRes, the infinities and what is reserved */
    public static function float(Bytes $bytes): float
    {
        $raw = $bytes->uint(4);

        return self::value(self::signed($raw & 0xFFFFFF, 24), self::signed($raw >> 24, 8), 24);
    }

    /** @throws DeviceFault likewise */
    public static function sfloat(Bytes $bytes): float
    {
        $raw = $bytes->uint(2);

        return self::value(self::signed($raw & 0x0FFF, 12), self::signed($raw >> 12, 4), 12);
    }

    private static function value(int $mantissa, int $exponent, int $bits): float
    {
        $top = 1 << ($bits - 1);
        $said = $exponent !== 0 ? null : match ($mantissa) {
            $top - 1 => 'is not a number',
            -$top => 'is not at this resolution',
            $top - 2 => 'is above what it can measure',
            -$top + 2 => 'is below what it can measure',
            -$top + 1 => 'is reserved',
            default => null,
        };

        return $said === null
            ? $mantissa * 10 ** $exponent
            : throw new DeviceFault("The device says that the reading $said.");
    }

    private static function signed(int $raw, int $bits): int
    {
        return $raw >= 1 << ($bits - 1) ? $raw - (1 << $bits) : $raw;
    }
}
