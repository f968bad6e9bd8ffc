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

    public static function left(Role $role, int $component, int $dose, string $why): self
    {
        return new self($role, $component, [$dose], [], $why, false);
    }
}
