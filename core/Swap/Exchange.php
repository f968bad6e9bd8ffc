<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Role;

/** Lines as written and what takes their place; a line that stays is an exchange for itself. */
final readonly class Exchange
{
    /**
     * @param  list<int>  $from  doses of the formula as written
     * @param  list<Part>  $to
     * @param  bool  $changed  false where the line is left as it is
     */
    private function __construct(
        public Role $role,
        public int $component,
        public array $from,
        public array $to,
        public string $why,
        public bool $changed,
    ) {}

    /**
     * @param  list<int>  $from
     * @param  list<Part>  $to
     */
    public static function swapped(Role $role, int $component, array $from, array $to, string $why): self
    {
        return new self($role, $component, $from, $to, $why, true);
    }

    /** Where a food stands among what takes the place; null where it does not. */
    public function indexOf(string $food): ?int
    {
        foreach ($this->to as $i => $part) {
            if ($part->food->key === $food) {
                return $i;
            }
        }

        return null;
    }

    public function withPart(int $at, Part $part): self
    {
        $to = $this->to;
        $to[$at] = $part;

        return new self($this->role, $this->component, $this->from, array_values($to), $this->why, $this->changed);
    }

    public function withoutPart(int $at): self
    {
        $to = $this->to;
        unset($to[$at]);

        return new self($this->role, $this->component, $this->from, array_values($to), $this->why, $this->changed);
    }

    public static function left(Role $role, int $component, int $dose, string $why): self
    {
        return new self($role, $component, [$dose], [], $why, false);
    }
}
