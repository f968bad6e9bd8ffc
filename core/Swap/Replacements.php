<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** What takes a food's place in a swap, and whose place it takes. */
final readonly class Replacements
{
    /**
     * @param  list<Replacing>  $by
     * @param  list<Replacing>  $of
     */
    public function __construct(public array $by, public array $of) {}
}
