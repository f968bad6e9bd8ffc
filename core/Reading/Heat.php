<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Temperature;

/** A heat that a step names; its place is bytes in the step's text. */
final readonly class Heat
{
    public function __construct(public int $at, public int $length, public Temperature $temperature, public bool $isFan) {}

    public function movedBy(int $bytes): self
    {
        return new self($this->at + $bytes, $this->length, $this->temperature, $this->isFan);
    }
}
