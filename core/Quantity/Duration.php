<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** A time from so long to so long, in minutes. */
final readonly class Duration
{
    private const HOUR = 60.0;

    private function __construct(public float $low, public float $high) {}

    public static function minutes(float $low, float $high): self
    {
        return new self(min($low, $high), max($low, $high));
    }

    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->high * $factor);
    }

    /** To what a kitchen clock is set to: minutes, and fives of them above half an hour. */
    public function onClock(): self
    {
        $snap = static fn (float $m): float => $m < 1.5
            ? round($m * 2) / 2
            : round($m / ($m < 30 ? 1 : 5)) * ($m < 30 ? 1 : 5);

        return new self($snap($this->low), $snap($this->high));
    }

    /** "25 to 30 minutes", "1 hour 20 minutes", "90 seconds". */
    public function text(): string
    {
        if ($this->high < 2 && $this->high !== round($this->high)) {
            return self::range(round($this->low * 60), round($this->high * 60), 'second');
        }
        if ($this->high < self::HOUR) {
            return self::range($this->low, $this->high, 'minute');
        }

        return $this->low === $this->high
            ? self::hours($this->low)
            : self::hours($this->low).' to '.self::hours($this->high);
    }

    private static function range(float $low, float $high, string $unit): string
    {
        $number = static fn (float $n): string => Decimal::plain($n, 1);

        return ($low === $high ? $number($high) : $number($low).' to '.$number($high)).
            ' '.
            $unit.
            ($high === 1.0 ? '' : 's');
    }

    private static function hours(float $minutes): string
    {
        $hours = (int) floor($minutes / self::HOUR);
        $rest = (int) round($minutes - $hours * self::HOUR);

        return implode(' ', array_filter([
            $hours === 0 ? '' : $hours.' hour'.($hours === 1 ? '' : 's'),
            $rest === 0 ? '' : $rest.' minute'.($rest === 1 ? '' : 's'),
        ]));
    }
}
