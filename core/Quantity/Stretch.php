<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** From one minute to another. */
final readonly class Stretch
{
    public function __construct(public int $from, public int $to) {}

    public function length(): int
    {
        return $this->to - $this->from;
    }

    public function holds(int $minute): bool
    {
        return $minute >= $this->from && $minute < $this->to;
    }

    public function later(int $minutes): self
    {
        return new self($this->from + $minutes, $this->to + $minutes);
    }

    /** With the time running the other way. */
    public function mirrored(): self
    {
        return new self(-$this->to, -$this->from);
    }
}
