<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Temperature;

/** One step of the method, with the oven heats and times that stand in it. */
final readonly class Step
{
    /**
     * @param  list<array{at: int, length: int, heat: Temperature, fan: bool}>  $heats  places are bytes in the text
     * @param  list<array{at: int, length: int, low: float, high: float, bakes: bool}>  $times  minutes; some steps rest or chill as well as bake
     * @param  bool  $isBake  it is in the oven, for one of its times where it has any
     */
    public function __construct(public string $text, public array $heats, public array $times, public bool $isBake) {}

    /** The longest time in the oven. */
    public function bakeMinutes(): float
    {
        return max([0.0, ...array_column(array_filter($this->times, static fn (array $t): bool => $t['bakes']), 'high')]);
    }
}
