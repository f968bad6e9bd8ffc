<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

/** Pieces that are alike, of a dessert whose pieces are not all alike. */
final readonly class Kind
{
    /** @param  Serving  $serving  one of them */
    public function __construct(public string $name, public float $count, public Serving $serving) {}
}
