<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A time that a step names, in minutes; its place is bytes in the step's text. */
final readonly class Timing
{
    /** @param  bool  $isBaking  it is a time in the oven, not of a rest or a chill */
    public function __construct(
        public int $at,
        public int $length,
        public float $low,
        public float $high,
        public bool $isBaking,
    ) {}

    public function movedBy(int $bytes): self
    {
        return new self($this->at + $bytes, $this->length, $this->low, $this->high, $this->isBaking);
    }
}
