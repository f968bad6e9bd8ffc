<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** The lines of a component by what becomes of them; numbers are doses of the formula. */
final readonly class Sorting
{
    /**
     * @param  array<string, list<int>>  $sugars  by the value of the `SugarForm` that takes their place
     * @param  list<int>  $flours
     * @param  list<int>  $singles  with a swap of their own
     * @param  list<int>  $kept
     */
    public function __construct(
        public int $component,
        public array $sugars,
        public array $flours,
        public array $singles,
        public array $kept,
        public bool $hasEggs,
    ) {}

    /** Nothing that may be used takes the place of the sugars. */
    public function keepingSugars(): self
    {
        return new self(
            $this->component,
            array_map(static fn (array $lines): array => [], $this->sugars),
            $this->flours,
            $this->singles,
            [...$this->kept, ...$this->allSugars()],
            $this->hasEggs,
        );
    }

    /** Nothing that may be used takes the place of the flours. */
    public function keepingFlours(): self
    {
        return new self(
            $this->component, $this->sugars, [], $this->singles, [...$this->kept, ...$this->flours], $this->hasEggs,
        );
    }

    /** @return list<int> */
    public function allSugars(): array
    {
        return array_merge(...array_values($this->sugars));
    }
}
