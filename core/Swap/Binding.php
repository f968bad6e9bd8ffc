<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** A row that decided, in a component: it binds, or could not be kept. */
final readonly class Binding
{
    /**
     * @param  string  $price  what giving way would bring, as a sentence; "" where it says nothing
     * @param  ?float  $pieces  for a hard row a piece that is missed: how many pieces would keep it
     */
    public function __construct(
        public string $row,
        public string $name,
        public int $component,
        public bool $isHard,
        public bool $isMissed,
        public string $relax,
        public string $price,
        public ?float $pieces = null,
    ) {}
}
