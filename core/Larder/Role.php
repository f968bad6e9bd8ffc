<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/** What an ingredient does in a dessert; the order is the order in which the Bench groups them. */
enum Role: string
{
    case Sweet = 'sweet';
    case Body = 'body';
    case Fat = 'fat';
    case Egg = 'egg';
    case Wet = 'wet';
    case Binder = 'binder';
    case Lift = 'lift';
    case Mixin = 'mixin';
    case Flavour = 'flavour';

    public function label(): string
    {
        return match ($this) {
            self::Sweet => 'Sweet',
            self::Body => 'Body',
            self::Fat => 'Fat',
            self::Egg => 'Egg and protein',
            self::Wet => 'Wet',
            self::Binder => 'Binder',
            self::Lift => 'Lift',
            self::Mixin => 'Mixed in',
            self::Flavour => 'Flavour',
        };
    }

    public function position(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
