<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;

/** Added fat that may go down by what the new flours bring. */
final readonly class FatOffers
{
    public function __construct(
        private Larder $larder,
        private Allowed $allowed,
        private Constants $constants,
    ) {}

    /**
     * Added fat may go down by as much as nut flour brings.
     *
     * @param  list<Offer>  $flours
     * @return list<Offer>
     */
    public function fats(Formula $formula, Sorting $sorting, array $flours, Wishes $wishes): array
    {
        $brought = 0.0;
        foreach ($flours as $offer) {
            $brings = $this->larder->property($offer->food, 'brings-fat') !== null;
            $brought +=
                $brings && $this->allowed->allows($offer->food, $wishes)
                    ? $offer->food->nutrients($offer->practice)->fat
                    : 0.0;
        }
        $added = array_filter(
            $sorting->kept,
            fn (int $i): bool => $formula->doses[$i]->food !== null && ! $formula->doses[$i]->isFriedIn() &&
                $this->isAddedFat($formula->doses[$i]->food),
        );
        $fat = array_sum(
            array_map(
                static fn (int $i): float => $formula->doses[$i]->known()->nutrients($formula->doses[$i]->mass())->fat,
                $added,
            ),
        );
        if ($fat <= 0 || $brought <= 0) {
            return [];
        }
        $most = $this->constants->get('butter-cut-most');
        $cut = min($most, $brought * $this->constants->get('butter-cut-share') / $fat);
        $variables = [];
        foreach ($added as $i) {
            $grams = $formula->doses[$i]->mass();
            $variables[] = new Offer(
                $formula->doses[$i]->known(), Purpose::Fat, $grams * $most, $grams * ($most - $cut), 0.0,
                sprintf('the new flour brings %.0f g of fat', $brought), base: $grams * (1 - $most), dose: $i,
            );
        }

        return $variables;
    }

    private function isAddedFat(Food $food): bool
    {
        return $food->per100->fat > $this->constants->get('fat-food') &&
            $food->role->value === 'fat' &&
            $food->per100->protein < $this->constants->get('fat-food-protein');
    }
}
