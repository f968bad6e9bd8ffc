<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Unit;

/** The cups and spoons that a recipe means. */
final readonly class Measures
{
    /**
     * @param  string  $system  a key of `data/measuring_systems.csv`, or "us"
     * @param  array<string, float>  $sizes  ml by unit key, where they are other than in `data/units.csv`
     * @param  bool  $isInGrams  the text says that amounts without a unit are grams
     * @param  string  $evidence  the words that speak for it; "" where nothing does
     */
    public function __construct(
        public string $system = 'us',
        private array $sizes = [],
        public string $evidence = '',
        public bool $isSaid = false,
        public bool $isInGrams = false,
    ) {}

    /** Amounts without a unit are grams. */
    public function inGrams(): self
    {
        return new self($this->system, $this->sizes, $this->evidence, $this->isSaid, true);
    }

    public function size(Unit $unit): float
    {
        return $this->sizes[$unit->key] ?? $unit->size;
    }

    public function name(): string
    {
        return match ($this->system) {
            'australia' => 'Australian cups and spoons',
            'british' => 'British pints and spoons',
            'metric' => 'metric cups and spoons',
            default => 'US cups and spoons',
        };
    }
}
