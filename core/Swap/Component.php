<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;

/** A component's choice laid out, ready for the rules. */
final readonly class Component
{
    /** @param  float  $browned  minutes of baking as planned, at the reference heat */
    public function __construct(
        public Sorting $sorting,
        public Family $family,
        public Wishes $wishes,
        public Written $written,
        public Candidates $candidates,
        public float $browned,
        public Allowance $allowance,
    ) {}

    public function allowed(Allowance $allowance): self
    {
        return new self(
            $this->sorting, $this->family, $this->wishes, $this->written, $this->candidates, $this->browned, $allowance,
        );
    }
}
