<?php

declare(strict_types=1);

namespace Aglyca\Core\Device;

use DateTimeImmutable;

/** What a glucose meter says. */
final readonly class Glucose
{
    /** mg/dL in a mmol/L: the molar mass of glucose, 180.16 g/mol, over ten. */
    public const MG_DL = 18.016;

    private const OFFSET = 1;

    private const VALUE = 2;

    private const MOLAR = 4;

    public function __construct(public float $mmol, public DateTimeImmutable $moment, public int $sequence) {}

    /**
     * Glucose Measurement, 0x2A18 of the Bluetooth SIG's Glucose Service 1.0: kg/L or mol/L as an IEEE 11073 SFLOAT.
     *
     * @throws DeviceFault
     */
    public static function measurement(string $bytes): self
    {
        $bytes = new Bytes($bytes);
        $flags = $bytes->uint(1);
        $sequence = $bytes->uint(2);
        $moment = $bytes->moment();
        if (($flags & self::OFFSET) !== 0) {
            $moment = $moment->modify($bytes->int(2).' minutes');
        }
        if (($flags & self::VALUE) === 0) {
            throw new DeviceFault('The meter sent a record without a value.');
        }
        $value = MedicalFloat::sfloat($bytes);

        return new self(
            ($flags & self::MOLAR) !== 0 ? $value * 1000 : ($value * 100_000) / self::MG_DL,
            $moment,
            $sequence,
        );
    }
}
