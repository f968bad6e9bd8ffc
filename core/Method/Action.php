<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Quantity\Duration;

/** One kind of work, as a row of `data/actions.csv`. */
final readonly class Action
{
    /**
     * @param  string  $place  where it is done: hands, mixer, hob, oven, microwave, fridge, freezer, counter
     * @param  string  $hands  "all" of the time, at its "start", or "none"
     * @param  Duration  $usual  where the text says no time
     * @param  float  $typical  minutes, most often
     */
    public function __construct(
        public string $key,
        public string $place,
        public string $hands,
        public Duration $usual,
        public bool $isHot,
        public float $typical,
    ) {}
}
