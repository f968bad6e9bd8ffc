<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** A property of the dessert before and after the swap, in its own unit. */
final readonly class Property
{
    public function __construct(public string $key, public string $name, public string $unit, public float $before, public float $after) {}

    /** After over before; null where there was none before. */
    public function ratio(): ?float
    {
        return $this->before > 0 ? $this->after / $this->before : null;
    }
}
