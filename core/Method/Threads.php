<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Role;

/** What stands in which bowl while a method is read: each bowl with the task that touched it last. */
final class Threads
{
    /** @var array<int, array{component: int, last: string, words: list<string>, dry: bool}> */
    private array $open = [];

    private ?int $current = null;

    public function begin(int $component): void
    {
        $this->open[] = ['component' => $component, 'last' => '', 'words' => [], 'dry' => false];
        $this->current = array_key_last($this->open);
    }

    public function isBegun(int $component): bool
    {
        return $this->of($component) !== [];
    }

    /** Goes back to the bowl of a part of the dessert that was touched last. */
    public function turnTo(int $component): void
    {
        if ($this->current === null || $this->open[$this->current]['component'] !== $component) {
            $this->current = array_key_last($this->of($component)) ?? $this->current;
        }
    }

    /**
     * Pours into the current bowl those that fit, and tells the tasks after which it can be done.
     *
     * @param  callable(array{component: int, last: string, words: list<string>, dry: bool}): bool  $fits
     * @return list<string>
     */
    public function pour(callable $fits): array
    {
        $after = [];
        foreach ($this->open as $i => $bowl) {
            if ($i === $this->current || $fits($bowl)) {
                $after[] = $bowl['last'];
                if ($i !== $this->current && $this->current !== null) {
                    $this->open[$this->current]['words'] = [...$this->open[$this->current]['words'], ...$bowl['words']];
                    unset($this->open[$i]);
                }
            }
        }

        return array_values(array_unique(array_filter($after, static fn (string $id): bool => $id !== '')));
    }

    /** @param  list<StepUse>  $uses */
    public function touch(string $id, array $uses): void
    {
        if ($this->current === null) {
            return;
        }
        $bowl = &$this->open[$this->current];
        $bowl['last'] = $id;
        foreach ($uses as $use) {
            $words = explode(' ', NewNames::name($use->food));
            $bowl['words'][] = (string) end($words);
            $bowl['dry'] = $bowl['dry'] || $use->food->role === Role::Body;
        }
    }

    /** @return list<string> the last task of every bowl */
    public function ends(): array
    {
        return array_values(array_filter(array_column($this->open, 'last'), static fn (string $id): bool => $id !== ''));
    }

    /** @return array<int, array{component: int, last: string, words: list<string>, dry: bool}> */
    private function of(int $component): array
    {
        return array_filter($this->open, static fn (array $b): bool => $b['component'] === $component);
    }
}
