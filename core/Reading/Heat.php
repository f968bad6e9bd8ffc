<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Temperature;

/** A heat that a step names, in as many scales as it does; its place is bytes in the step's text. */
final readonly class Heat
{
    /**
     * @param  Temperature  $temperature  of an oven without fan
     * @param  bool  $isOven  not that of a syrup, a custard, oil, dough, or of the middle of the cake
     * @param  bool  $isFan  only the heat of a fan oven is given
     * @param  bool  $saysFan  the fan oven's heat is given too
     * @param  bool  $isFahrenheit  it is written so first
     */
    public function __construct(
        public int $at,
        public int $length,
        public Temperature $temperature,
        public bool $isOven,
        public bool $isFan,
        public bool $saysFan = false,
        public bool $isFahrenheit = false,
    ) {}

    public function movedBy(int $bytes): self
    {
        return new self(
            $this->at + $bytes,
            $this->length,
            $this->temperature,
            $this->isOven,
            $this->isFan,
            $this->saysFan,
            $this->isFahrenheit,
        );
    }

    /** As far as a byte. */
    public function until(int $end): self
    {
        return new self(
            $this->at, $end - $this->at, $this->temperature, $this->isOven, $this->isFan, $this->saysFan,
            $this->isFahrenheit,
        );
    }

    public function ofOven(): self
    {
        return new self(
            $this->at, $this->length, $this->temperature, true, $this->isFan, $this->saysFan, $this->isFahrenheit,
        );
    }
}
