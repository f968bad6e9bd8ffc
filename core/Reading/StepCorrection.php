<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use InvalidArgumentException;

/** What the baker said of a step: how long it runs, and what goes in at it. */
final readonly class StepCorrection
{
    public const MOST_MINUTES = 4320.0;

    /**
     * @param  ?float  $minutes  null leaves what the step says
     * @param  list<string>  $takes  foods, by key, all of which go in at this step
     *
     * @throws InvalidArgumentException
     */
    public function __construct(public ?float $minutes = null, public array $takes = [])
    {
        if ($minutes !== null && ($minutes <= 0 || $minutes > self::MOST_MINUTES)) {
            throw new InvalidArgumentException('Minutes: a number above 0 and up to 4,320, which is three days.');
        }
    }

    public function isNothing(): bool
    {
        return $this->minutes === null && $this->takes === [];
    }

    /** By which a step is known, whatever the swap makes of it. */
    public static function key(string $written): string
    {
        return substr(sha1(mb_strtolower(trim($written))), 0, 10);
    }
}
