<?php

declare(strict_types=1);

namespace Aglyca\Core\Device;

/** Bytes that are read from the front. */
final class Bytes
{
    private int $at = 0;

    public function __construct(private readonly string $bytes) {}

    /**
     * An unsigned number, its low byte first.
     *
     * @throws DeviceFault where there are not so many bytes left
     */
    public function uint(int $length): int
    {
        if ($this->at + $length > strlen($this->bytes)) {
            throw new DeviceFault('The reading of the device ends too early.');
        }
        $value = 0;
        for ($i = $length - 1; $i >= 0; $i--) {
            $value = $value << 8 | ord($this->bytes[$this->at + $i]);
        }
        $this->at += $length;

        return $value;
    }

    public function int(int $length): int
    {
        $value = $this->uint($length);

        return $value >= 1 << (8 * $length - 1) ? $value - (1 << 8 * $length) : $value;
    }

    /**
     * A moment as the profiles of the Bluetooth SIG write it: year, month, day, hours, minutes, seconds.
     *
     * @throws DeviceFault where that is no moment
     */
    public function moment(): \DateTimeImmutable
    {
        [$year, $month, $day, $hours, $minutes, $seconds] = [
            $this->uint(2),
            $this->uint(1),
            $this->uint(1),
            $this->uint(1),
            $this->uint(1),
            $this->uint(1),
        ];
        if (! checkdate($month, $day, $year) || $hours > 23 || $minutes > 59 || $seconds > 59) {
            throw new DeviceFault('The device says a time that does not exist.');
        }

        return (new \DateTimeImmutable('@0'))->setDate($year, $month, $day)->setTime($hours, $minutes, $seconds);
    }
}
