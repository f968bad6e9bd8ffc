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
    public function __construct(public Role $role, public int $component, public array $from, public array $to, public string $why, public bool $changed) {}
}
