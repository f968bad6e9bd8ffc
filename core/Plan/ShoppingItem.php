<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** A food that the planned desserts need, and what of it is to be bought. */
final readonly class ShoppingItem
{
    /**
     * A record: a row of the list.
     *
     * @param  float  $needed  grams
     * @param  float  $there  grams in the Pantry
     * @param  string  $measure  what is to be bought, as a kitchen measures it; "" where grams say it best
     * @param  ?int  $packages  to buy of the usual one; null where its size is not known
     * @param  ?float  $price  of those
     * @param  list<Holding>  $first  packages that hold it, in the order in which to use them
     */
    public function __construct(
        public string $food,
        public string $name,
        public float $needed,
        public float $there,
        public float $buy,
        public string $measure,
        public ?int $packages,
        public ?float $price,
        public array $first,
    ) {}

    /**
     * What all of them cost that have a price.
     *
     * @param  list<self>  $items
     */
    public static function total(array $items): float
    {
        return (float) array_sum(array_column($items, 'price'));
    }
}
