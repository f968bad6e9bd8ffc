<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Quantity\Stretch;

/** When a piece of work needs hands: all the time, or so many minutes at its start and at its end. */
final readonly class Hands
{
    private function __construct(public bool $isAll, public int $start, public int $end) {}

    public static function all(): self
    {
        return new self(true, 0, 0);
    }

    public static function none(): self
    {
        return new self(false, 0, 0);
    }

    public static function atEnds(int $start, int $end): self
    {
        return new self(false, $start, $end);
    }

    public function isNone(): bool
    {
        return ! $this->isAll && $this->start === 0 && $this->end === 0;
    }

    /**
     * The stretches that need hands in work of so many minutes.
     *
     * @return list<Stretch> from its start
     */
    public function holds(int $minutes): array
    {
        if ($this->isAll || $this->start + $this->end >= $minutes) {
            return $minutes === 0 || $this->isNone() ? [] : [new Stretch(0, $minutes)];
        }
        $ends = [new Stretch(0, $this->start), new Stretch($minutes - $this->end, $minutes)];

        return array_values(array_filter($ends, static fn (Stretch $held): bool => $held->length() > 0));
    }

    /** @return string|array<string, int> "all", "none", or `start_min` and `end_min` */
    public function toJson(): string|array
    {
        if ($this->isAll) {
            return 'all';
        }

        return $this->isNone() ? 'none' : ['start_min' => $this->start, 'end_min' => $this->end];
    }
}
