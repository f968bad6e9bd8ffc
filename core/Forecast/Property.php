<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** A property of the dessert before and after the swap in its own unit, with the band in which it is no fault. */
final readonly class Property
{
    /** Amounts are snapped to what a kitchen measures: so much over a bound is not a fault of the swap. */
    private const SNAPPING = 0.02;

    /** Below its band, and above it. */
    private const WORDS = [
        'sweetness' => ['less sweet', 'sweeter'],
        'bulk' => ['smaller', 'heavier'],
        'moisture' => ['drier', 'wetter'],
        'fat' => ['leaner', 'greasier'],
        'structure' => ['more crumbly', 'tougher'],
        'browning' => ['paler', 'darker'],
        'grain' => ['smooth', 'gritty'],
        'cool' => ['mild', 'cooling on the tongue'],
        'tolerance' => ['little', 'much for one sitting'],
        'water-activity' => ['longer-keeping', 'shorter-keeping'],
    ];

    /** Held against a bound of their own, not against what was written. */
    private const ABSOLUTE = ['grain', 'cool', 'tolerance'];

    /**
     * @param  ?float  $low  of the band, in the property's unit; null where the property has none
     * @param  ?float  $high  likewise
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public float $before,
        public float $after,
        public ?float $low = null,
        public ?float $high = null,
    ) {}

    /** After over before; null where there was none before. */
    public function ratio(): ?float
    {
        return $this->before > 0 && is_finite($this->after / $this->before) ? $this->after / $this->before : null;
    }

    /** What a value outside its band makes of the dessert: "drier"; "" where it is within. */
    public function word(): string
    {
        return $this->isOutside() ? self::WORDS[$this->key][$this->isBelow() ? 0 : 1] ?? '' : '';
    }

    /**
     * What is missed, in words: "It will be drier than it should: 71 % of the moisture as written, where 90 to 110 %
     * is wanted."
     */
    public function sentence(): string
    {
        $word = self::WORDS[$this->key][$this->isBelow() ? 0 : 1] ?? '';
        $what = $this->key === 'structure' ? 'hold' : mb_strtolower($this->name);
        if ($this->key === 'tolerance') {
            return 'One piece is much for one sitting: '.
                $this->percent($this->after / max($this->high ?? 1.0, 1e-9)).
                ' of the sugar alcohols that most people take well at once.';
        }
        if ($this->ratio() === null || in_array($this->key, self::ABSOLUTE, true)) {
            [$now, $most] =
                $this->key === 'cool'
                    ? [sprintf('%.0f J/g', $this->after), sprintf('%.0f J/g', $this->high ?? 0)]
                    : [$this->percent($this->after), $this->percent($this->high ?? 1.0)];

            return "It will be $word: $what is $now, where at most $most is usual.";
        }
        $share = fn (?float $bound): string => $this->percent(($bound ?? 0.0) / $this->before);
        $wanted = match (true) {
            $this->low === null => 'at most '.$share($this->high),
            $this->high === null || ! is_finite($this->high) => 'at least '.$share($this->low),
            $share($this->low) === $share($this->high) => $share($this->low),
            default => rtrim($share($this->low), ' %').' to '.$share($this->high),
        };

        return "It will be $word than it should: ".
            $share($this->after).
            " of the $what as written, where $wanted is wanted.";
    }

    private function isBelow(): bool
    {
        return $this->low !== null && $this->after < $this->low;
    }

    private function percent(float $share): string
    {
        return is_finite($share) ? sprintf('%.0f %%', 100 * $share) : 'without bound';
    }

    public function isOutside(): bool
    {
        return ($this->low !== null && $this->after < $this->low * (1 - self::SNAPPING)) ||
            ($this->high !== null && $this->after > $this->high * (1 + self::SNAPPING));
    }
}
