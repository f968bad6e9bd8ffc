<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** The bowls that stand about while a method is read. */
final class Threads
{
    /** @var array<int, Bowl> */
    private array $open = [];

    private ?int $current = null;

    public function begin(int $component): void
    {
        $this->open[] = new Bowl($component);
        $this->current = array_key_last($this->open);
    }

    public function isBegun(int $component): bool
    {
        return $this->of($component) !== [];
    }

    /** Goes back to the bowl of a part of the dessert that was touched last. */
    public function turnTo(int $component): void
    {
        if ($this->current === null || $this->open[$this->current]->component !== $component) {
            $this->current = array_key_last($this->of($component)) ?? $this->current;
        }
    }

    /**
     * Pours into the current bowl those that fit, and tells the tasks after which it can be done.
     *
     * @param  callable(Bowl): bool  $fits
     * @return list<string>
     */
    public function pour(callable $fits): array
    {
        $after = [];
        foreach ($this->open as $i => $bowl) {
            if ($i === $this->current || $fits($bowl)) {
                $after[] = $bowl->last;
                if ($i !== $this->current && $this->current !== null) {
                    $this->open[$this->current] = $this->open[$this->current]->with($bowl);
                    unset($this->open[$i]);
                }
            }
        }

        return array_values(array_unique(array_filter($after, static fn (string $id): bool => $id !== '')));
    }

    /** @param  list<StepUse>  $uses */
    public function touch(string $id, array $uses): void
    {
        if ($this->current !== null) {
            $this->open[$this->current] = $this->open[$this->current]->touched($id, $uses);
        }
    }

    /** @return list<string> the last task of every bowl */
    public function ends(): array
    {
        return array_values(array_filter(array_column($this->open, 'last'), static fn (string $id): bool => $id !== ''));
    }

    /** @return array<int, Bowl> */
    private function of(int $component): array
    {
        return array_filter($this->open, static fn (Bowl $b): bool => $b->component === $component);
    }
}
