<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Temperature;

/** One step of the method, with the oven heats and times that stand in it. */
final readonly class Step
{
    /**
     * @param  list<array{at: int, length: int, heat: Temperature, fan: bool}>  $heats  places are bytes in the text
     * @param  list<array{at: int, length: int, low: float, high: float}>  $times  minutes
     */
    public function __construct(public string $text, public array $heats, public array $times, public bool $isBake) {}

    public function longestMinutes(): float
    {
        return $this->times === [] ? 0.0 : max(array_column($this->times, 'high'));
    }
}
