<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Role;

/** What stands in one bowl while a method is read, and the task that touched it last. */
final readonly class Bowl
{
    /**
     * @param  string  $last  the task's id; "" before the first
     * @param  list<string>  $words  what one calls the things in it
     */
    public function __construct(
        public int $component,
        public string $last = '',
        public array $words = [],
        public bool $isDry = false,
    ) {}

    /** @param  list<StepUse>  $uses  what the task puts in */
    public function touched(string $task, array $uses): self
    {
        $words = $this->words;
        $isDry = $this->isDry;
        foreach ($uses as $use) {
            $name = explode(' ', NewNames::name($use->food));
            $words[] = (string) end($name);
            $isDry = $isDry || $use->food->role === Role::Body;
        }

        return new self($this->component, $task, $words, $isDry);
    }

    /** What was in the other is in this one now. */
    public function with(self $other): self
    {
        return new self($this->component, $this->last, [...$this->words, ...$other->words], $this->isDry);
    }
}
