<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** The food that a name was taken for, how surely, and what else it could have been. */
final readonly class FoodMatch
{
    /** @param  list<string>  $rivals food keys, nearest first */
    public function __construct(public ?string $food, public bool $sure, public array $rivals = []) {}

    /** @param  list<string>  $rivals  foods that the name speaks of, though it is none of them */
    public static function none(array $rivals = []): self
    {
        return new self(null, false, $rivals);
    }
}
