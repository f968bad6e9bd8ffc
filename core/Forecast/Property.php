<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** A property of the dessert before and after the swap in its own unit, with the band in which it is no fault. */
final readonly class Property
{
    /** Amounts are snapped to what a kitchen measures: so much over a bound is not a fault of the swap. */
    private const SNAPPING = 0.02;

    /**
     * @param  ?float  $low  of the band, in the property's unit; null where the property has none
     * @param  ?float  $high  likewise
     */
    public function __construct(public string $key, public string $name, public string $unit, public float $before, public float $after, public ?float $low = null, public ?float $high = null) {}

    /** After over before; null where there was none before. */
    public function ratio(): ?float
    {
        return $this->before > 0 && is_finite($this->after / $this->before) ? $this->after / $this->before : null;
    }

    /** What is missed, in words: "Sweetness is 0.76 where 0.89 to 0.91 of the sugar's was wanted." */
    public function sentence(): string
    {
        $wanted = match (true) {
            $this->low === null => sprintf('at most %.2f', $this->high ?? 0.0),
            $this->high === null || ! is_finite($this->high) => sprintf('at least %.2f', $this->low),
            default => sprintf('%.2f to %.2f', $this->low, $this->high),
        };

        return sprintf('%s is %.2f %s, where %s is wanted.', $this->name, $this->after, $this->unit, $wanted);
    }

    public function isOutside(): bool
    {
        return ($this->low !== null && $this->after < $this->low * (1 - self::SNAPPING)) || ($this->high !== null && $this->after > $this->high * (1 + self::SNAPPING));
    }
}
