<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Larder\Food;

/** What is to be bought for several desserts, less what the Pantry holds. */
final readonly class ShoppingList
{
    public function __construct(private Scaler $scaler) {}

    /**
     * @param  list<Formula>  $formulas
     * @param  list<Holding>  $pantry
     * @return list<ShoppingItem> what is to be bought first, each by its name
     */
    public function of(array $formulas, array $pantry): array
    {
        [$needed, $foods] = [[], []];
        foreach ($formulas as $formula) {
            foreach ($formula->doses as $dose) {
                if ($this->isBought($dose)) {
                    $needed[$dose->food->key] = ($needed[$dose->food->key] ?? 0.0) + $dose->mass();
                    $foods[$dose->food->key] = $dose->food;
                }
            }
        }
        $items = array_map(
            fn (Food $food): ShoppingItem => $this->item(
                $food,
                $needed[$food->key],
                array_values(array_filter($pantry, static fn (Holding $h): bool => $h->food === $food->key)),
            ),
            array_values($foods),
        );
        usort(
            $items,
            static fn (ShoppingItem $a, ShoppingItem $b): int => [$a->buy <= 0.0, mb_strtolower($a->name)] <=> [
                $b->buy <= 0.0,
                mb_strtolower($b->name),
            ],
        );

        return $items;
    }

    /** @phpstan-assert-if-true !null $dose->food */
    private function isBought(Dose $dose): bool
    {
        return $dose->food !== null && $dose->grams !== null && $dose->mass() > 0 && $dose->food->key !== 'water';
    }

    /** @param  list<Holding>  $held */
    private function item(Food $food, float $needed, array $held): ShoppingItem
    {
        $there = array_sum(array_column($held, 'left'));
        $buy = max(0.0, $needed - $there);
        $sized = array_values(array_filter($held, static fn (Holding $h): bool => $h->size > 0))[0] ?? null;
        $packages = $sized === null || $buy <= 0 ? null : (int) ceil($buy / $sized->size);
        $first = array_values(array_filter($held, static fn (Holding $h): bool => $h->left > 0));
        // What spoils first is used first; of two alike that which is open.
        usort(
            $first,
            static fn (Holding $a, Holding $b): int => [$a->bestBefore ?: '9999', $a->openedOn ?: '9999'] <=> [
                $b->bestBefore ?: '9999',
                $b->openedOn ?: '9999',
            ],
        );

        return new ShoppingItem(
            $food->key,
            $food->name,
            $needed,
            $there,
            $buy,
            $buy > 0 ? $this->scaler->measured($food, $buy)->text : '',
            $packages,
            $packages === null || $sized?->price === null ? null : $packages * $sized->price,
            $first,
        );
    }
}
