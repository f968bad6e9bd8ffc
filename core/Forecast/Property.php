<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** A property of the dessert before and after the swap in its own unit, with the band in which it is no fault. */
final readonly class Property
{
    /** Amounts are snapped to what a kitchen measures: so much over a bound is not a fault of the swap. */
    private const SNAPPING = 0.02;

    /** Less of it than was written, and more. */
    private const WORDS = [
        'sweetness' => ['less sweet', 'sweeter'],
        'bulk' => ['smaller', 'heavier'],
        'moisture' => ['drier', 'wetter'],
        'fat' => ['leaner', 'greasier'],
        'structure' => ['more crumbly', 'tougher'],
        'browning' => ['paler', 'darker'],
        'grain' => ['smooth', 'gritty'],
        'cool' => ['mild', 'cool on the tongue'],
        'tolerance' => ['little', 'much for one sitting'],
        'water-activity' => ['longer-keeping', 'shorter-keeping'],
    ];

    /** Shares of the original, or of its bound, up to which a difference is none, little, plain; beyond it is much. */
    private const STEPS = [1.05, 1.2, 1.5];

    private const SIZES = ['', 'a little ', '', 'much '];

    /** A bound further from what was written than this came of a trace, and says nothing. */
    private const TRACE = 3.0;

    /** Smaller differences of water activity nobody notices. */
    private const ACTIVITY = 0.02;

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

    /** What a value outside its band makes of the dessert: "much drier"; "" where it is within. */
    public function word(): string
    {
        return $this->isOutside() ? $this->difference() : '';
    }

    /** The difference as one would notice it: "a little less sweet", "like the original", "very gritty". */
    public function difference(): string
    {
        if ($this->key === 'water-activity') {
            $more = $this->after - $this->before;

            return abs($more) < self::ACTIVITY ? 'keeps as long' : self::WORDS[$this->key][$more > 0 ? 1 : 0];
        }
        if (in_array($this->key, self::ABSOLUTE, true)) {
            return $this->againstItsBound();
        }
        $ratio = $this->ratio() ?? ($this->after > 0 ? INF : 1.0);
        $size = self::sizeOf($ratio < 1 ? 1 / max($ratio, 1e-9) : $ratio);

        if ($size === 0 && $this->isOutside()) {
            $word = self::WORDS[$this->key][$this->isBelow() ? 0 : 1];

            return $this->isBelow() === $ratio < 1 ? "a little $word" : "$word than asked";
        }

        return $size === 0 ? 'like the original' : self::SIZES[$size].self::WORDS[$this->key][$ratio < 1 ? 0 : 1];
    }

    private function againstItsBound(): string
    {
        $share = $this->after / max($this->high ?? 1.0, 1e-9);
        if ($this->key === 'tolerance') {
            return $share > 1 ? 'too much for one sitting' : ($share > 0.5 ? 'enough for one sitting' : 'no trouble');
        }
        if ($share <= 1) {
            return ['grain' => 'smooth', 'cool' => 'not cool'][$this->key];
        }

        return ['a little ', 'a little ', '', 'very '][self::sizeOf($share)].self::WORDS[$this->key][1];
    }

    /** @return int<0, 3> */
    private static function sizeOf(float $share): int
    {
        foreach (self::STEPS as $size => $most) {
            if ($share <= $most) {
                return $size;
            }
        }

        return 3;
    }

    /** What is missed, in words: "It will be much drier than the original." */
    public function sentence(): string
    {
        return match (true) {
            $this->key === 'tolerance' => 'One piece is much for one sitting: it holds more sugar alcohol than most people take well at once.',
            in_array($this->key, self::ABSOLUTE, true) => "It will be {$this->difference()}.",
            str_ends_with($this->difference(), 'asked') => "It will be {$this->difference()}.",
            default => "It will be {$this->difference()} than the original.",
        };
    }

    private function isBelow(): bool
    {
        return $this->low !== null && $this->after < $this->low;
    }

    /** What was written holds next to nothing of it: then only too much of it is told. */
    private function isTrace(): bool
    {
        return ! in_array($this->key, self::ABSOLUTE, true) && $this->high !== null
            && $this->high > self::TRACE * $this->before;
    }

    public function isOutside(): bool
    {
        return ($this->low !== null && ! $this->isTrace() && $this->after < $this->low * (1 - self::SNAPPING)) ||
            ($this->high !== null && $this->after > $this->high * (1 + self::SNAPPING));
    }
}
