<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

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
     * @return list<array{int, int}> from its start, and how long
     */
    public function holds(int $minutes): array
    {
        if ($this->isAll || $this->start + $this->end >= $minutes) {
            return $minutes === 0 || $this->isNone() ? [] : [[0, $minutes]];
        }

        return array_values(
            array_filter(
                [[0, $this->start], [$minutes - $this->end, $this->end]],
                static fn (array $h): bool => $h[1] > 0,
            ),
        );
    }

    /** @return "all"|"none"|array{start_min: int, end_min: int} */
    public function toJson(): string|array
    {
        return $this->isAll
            ? 'all'
            : ($this->isNone()
                ? 'none'
                : ['start_min' => $this->start, 'end_min' => $this->end]);
    }
}
