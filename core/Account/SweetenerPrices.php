<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** The Pantry's sweeteners by what as much sweetness as so many grams of sugar costs, cheapest first. */
final readonly class SweetenerPrices
{
    public function __construct(private Larder $larder, private NetCarbs $netCarbs) {}

    /** @return list<PricedSweetener> */
    public function forSugar(float $grams, Convention $convention): array
    {
        $rows = [];
        foreach ($this->larder->packaged() as $food) {
            $sweetness = $this->larder->typical($food, 'sweetness');
            if ($food->role === Role::Sweet && $food->pricePerGram !== null && $sweetness > 0) {
                $needed = $grams / $sweetness;
                $nutrients = $food->nutrients($needed);
                $net = max(0.0, $this->netCarbs->of($convention, $nutrients, $nutrients));
                $rows[] = new PricedSweetener($food, $needed, $needed * $food->pricePerGram, $net);
            }
        }
        usort($rows, static fn (PricedSweetener $a, PricedSweetener $b): int => $a->price <=> $b->price);

        return $rows;
    }
}
