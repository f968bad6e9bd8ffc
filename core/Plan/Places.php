<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Quantity\Altered;
use InvalidArgumentException;

/** What a kitchen has to work with. */
final readonly class Places
{
    use Altered;

    /** How many of each a kitchen can say that it has. */
    public const MOST = ['bakers' => 6, 'shelves' => 6, 'sheets' => 12, 'perSheet' => 100, 'rings' => 8, 'mixers' => 4];

    /**
     * @param  int  $bakers  pairs of hands
     * @param  int  $shelves  of its one oven
     * @param  int  $sheets  or tins
     * @param  ?int  $perSheet  pieces on one; null for what is usual
     * @param  int  $asleepFrom  minutes after midnight
     * @param  int  $asleepTo  minutes after midnight; the same as `asleepFrom` for a kitchen that never sleeps
     *
     * @throws InvalidArgumentException
     */
    public function __construct(
        public int $bakers = 1,
        public int $shelves = 2,
        public int $sheets = 2,
        public ?int $perSheet = null,
        public int $rings = 4,
        public int $mixers = 1,
        public int $asleepFrom = 22 * 60 + 30,
        public int $asleepTo = 6 * 60 + 30,
    ) {
        foreach (self::MOST as $what => $most) {
            if ($this->$what !== null && ($this->$what < 1 || $most < $this->$what)) {
                throw new InvalidArgumentException("The number of $what is between 1 and $most.");
            }
        }
        if (min($asleepFrom, $asleepTo) < 0 || max($asleepFrom, $asleepTo) >= 24 * 60) {
            throw new InvalidArgumentException('The hours of sleep are times of the day.');
        }
    }

    /** Minutes after midnight of "22:30". */
    public static function minutesOf(string $clock): int
    {
        [$hours, $minutes] = [...explode(':', $clock), '0'];

        return (int) $hours * 60 + (int) $minutes;
    }

    public static function clockOf(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    /** Of how many things there is one kind; null for what never runs out. */
    public function capacity(string $place): ?int
    {
        return match ($place) {
            'hands' => $this->bakers,
            'mixer' => $this->mixers,
            'hob' => $this->rings,
            'oven' => $this->shelves,
            'microwave', 'iron', 'air-fryer' => 1,
            default => null,
        };
    }
}
