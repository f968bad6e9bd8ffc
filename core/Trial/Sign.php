<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** One thing that speaks for or against a cause, against the band in which it is usual. */
final readonly class Sign
{
    /** @param  string  $level  `Portrait::LOW`, `OK` or `HIGH` */
    public function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public float $value,
        public float $low,
        public float $high,
        public string $level,
    ) {}

    /** "fat is high: 0.41 of the mix, 0.14 to 0.34 is usual" */
    public function sentence(): string
    {
        $is = match ($this->level) {
            Portrait::LOW => 'low',
            Portrait::HIGH => 'high',
            default => 'as usual',
        };
        $usual =
            $this->low < 0 && $this->key !== 'heat'
                ? sprintf('up to %s is usual', self::figure($this->high))
                : sprintf('%s to %s is usual', self::figure($this->low), self::figure($this->high));

        return sprintf('%s: %s (%s %s, %s)', $this->name, $is, self::figure($this->value), $this->unit, $usual);
    }

    private static function figure(float $value): string
    {
        return is_finite($value) ? (string) round($value, abs($value) < 10 ? 2 : 0) : 'far above';
    }
}
