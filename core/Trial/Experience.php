<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** How often the change that a cause asks for was tried in this kitchen, and how often the next bake was better. */
final readonly class Experience
{
    public function __construct(public int $tried = 0, public int $helped = 0) {}

    public function after(bool $helped): self
    {
        return new self($this->tried + 1, $this->helped + ($helped ? 1 : 0));
    }

    /** The mean of a Beta(2, 2) that has seen so many changes help, against that of one that has seen none. */
    public function factor(): float
    {
        return (2 + $this->helped) / (4 + $this->tried) / 0.5;
    }
}
