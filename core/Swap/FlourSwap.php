<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** What takes the place of the flour of a component, and what that asks of eggs, fat and lift. */
final readonly class FlourSwap
{
    /**
     * @param  list<Part>  $parts
     * @param  float  $egg  grams more egg
     * @param  float  $fat  grams of fat that the nut flours bring
     */
    public function __construct(public array $parts, public float $egg, public float $fat, public float $lift, public string $sentence, public string $flour) {}

    public static function none(): self
    {
        return new self([], 0.0, 0.0, 1.0, '', '');
    }
}
