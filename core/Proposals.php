<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\Recipe;

/** Finds swaps that are clearly different from the one on the Bench, each named by what a baker would notice. */
final readonly class Proposals
{
    public function __construct(private Kernel $workshop) {}

    /** @return array<string, Conversion> at most three, by name */
    public function proposals(Brief $document, Recipe $recipe): array
    {
        // What the baker typed stays as typed; a blend that was set is of another mix.
        $free = $document->with(['shares' => [], 'corners' => []]);
        $found = [];
        foreach (['Softest' => ['sweetener' => 'allulose'], 'Sets firmest' => ['sweetener' => 'erythritol'], 'Nearest to wheat' => ['school' => 'starch-tolerant']] as $name => $change) {
            $found[$name] = $this->workshop->swapped($free->with($change), $recipe);
        }
        $fewest = null;
        foreach (['almond', 'coconut', 'protein'] as $school) {
            $worked = $this->workshop->swapped($free->with(['school' => $school]), $recipe);
            if ($worked->swap->collisions() === [] && $this->failures($worked) <= $this->failures($found['Softest']) && ($fewest === null || $worked->after->netCarbs($document->convention)->value < $fewest->after->netCarbs($document->convention)->value)) {
                $fewest = $worked;
            }
        }
        $found = $fewest === null ? $found : ['Fewest carbs' => $fewest, ...$found];
        $now = $this->workshop->swapped($document, $recipe);
        $cheapest = $this->cheapest($free, $recipe, $now);
        $found = $cheapest === null ? $found : ['Cheapest' => $cheapest, ...$found];

        return array_slice(array_filter($found, fn (Conversion $w): bool => $this->differs($w, $now)), 0, 3);
    }

    /** By the prices in the Pantry; null where they do not say enough to tell two blends apart. */
    private function cheapest(Brief $free, Recipe $recipe, Conversion $now): ?Conversion
    {
        $best = $this->price($now) === null ? null : [$this->price($now), null];
        $known = $best === null ? 0 : 1;
        foreach (array_keys($this->workshop->schools->sweeteners()) as $sweetener) {
            $priced = array_filter($this->workshop->schools->mix($sweetener), fn (array $row): bool => (float) $row['share'] < $this->workshop->constants->get('small-share') || $this->workshop->larder->get($row['food'])->pricePerGram !== null);
            if (count($priced) === count($this->workshop->schools->mix($sweetener))) {
                $worked = $this->workshop->swapped($free->with(['sweetener' => $sweetener]), $recipe);
                $price = $this->price($worked);
                $known += $price === null ? 0 : 1;
                $best = $price !== null && $worked->swap->collisions() === [] && ($best === null || $price < $best[0]) ? [$price, $worked] : $best;
            }
        }

        return $known > 1 ? $best[1] : null;
    }

    /** What the sweeteners cost, whole; null where one that weighs something has no price. */
    private function price(Conversion $worked): ?float
    {
        $sum = 0.0;
        foreach ($worked->swap->after->doses as $dose) {
            if ($dose->food?->role === Role::Sweet) {
                if ($dose->food->pricePerGram === null && $dose->mass() > 2 * $this->workshop->constants->get('weighed')) {
                    return null;
                }
                $sum += ($dose->food->pricePerGram ?? 0.0) * $dose->mass();
            }
        }

        return $sum;
    }

    private function failures(Conversion $worked): int
    {
        return count(array_filter($worked->properties, static fn (Property $p): bool => $p->isOutside()));
    }

    /** Clearly: enough of the mix is something else. */
    private function differs(Conversion $a, Conversion $b): bool
    {
        $grams = static function (Conversion $w): array {
            $sum = [];
            foreach ($w->swap->after->doses as $dose) {
                $sum[$dose->food->key ?? ''] = ($sum[$dose->food->key ?? ''] ?? 0.0) + $dose->mass();
            }

            return $sum;
        };
        [$x, $y] = [$grams($a), $grams($b)];
        $moved = 0.0;
        foreach (array_keys($x + $y) as $food) {
            $moved += abs(($x[$food] ?? 0.0) - ($y[$food] ?? 0.0)) / 2;
        }

        return $moved > $this->workshop->constants->get('clearly-different') * $b->swap->after->mass();
    }
}
