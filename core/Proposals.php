<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Blend;

/** Finds swaps that are clearly different from the one on the Bench, each named by what a baker would notice. */
final readonly class Proposals
{
    public function __construct(private Kernel $kernel, private Wiring $core) {}

    /** @return array<string, Conversion> at most three, by name */
    public function of(Brief $brief): array
    {
        // What the baker typed stays as typed; a blend that was set is of another mix.
        $free = $brief->wishing(blend: Blend::free());
        $found = [
            'Softest' => $this->kernel->convert($free->wishing(sweetener: 'allulose')),
            'Sets firmest' => $this->kernel->convert($free->wishing(sweetener: 'erythritol')),
            'Nearest to wheat' => $this->kernel->convert($free->wishing(school: 'starch-tolerant')),
        ];
        $fewest = $this->fewest($free, $found['Softest']);
        $found = $fewest === null ? $found : ['Fewest carbs' => $fewest, ...$found];
        $now = $this->kernel->convert($brief);
        $cheapest = $this->cheapest($free, $now);
        $found = $cheapest === null ? $found : ['Cheapest' => $cheapest, ...$found];

        return array_slice(array_filter($found, fn (Conversion $c): bool => $this->differs($c, $now)), 0, 3);
    }

    /** With fewest carbs, of those that keep as much as another one does. */
    private function fewest(Brief $free, Conversion $other): ?Conversion
    {
        $net = static fn (Conversion $c): float => $c->after->net($free->convention);
        $best = null;
        foreach (['almond', 'coconut', 'protein'] as $school) {
            $one = $this->kernel->convert($free->wishing(school: $school));
            $keeps = $one->swap->collisions() === [] && $this->failures($one) <= $this->failures($other);
            $best = $keeps && ($best === null || $net($one) < $net($best)) ? $one : $best;
        }

        return $best;
    }

    /** By the prices in the Pantry; null where they do not say enough to tell two blends apart. */
    private function cheapest(Brief $free, Conversion $now): ?Conversion
    {
        [$least, $cheapest] = [$this->price($now), null];
        $known = $least === null ? 0 : 1;
        foreach (array_keys($this->core->schools->sweeteners()) as $sweetener) {
            if (! $this->isPriced($sweetener)) {
                continue;
            }
            $one = $this->kernel->convert($free->wishing(sweetener: $sweetener));
            $price = $this->price($one);
            $known += $price === null ? 0 : 1;
            if ($price !== null && $one->swap->collisions() === [] && ($least === null || $price < $least)) {
                [$least, $cheapest] = [$price, $one];
            }
        }

        return $known > 1 ? $cheapest : null;
    }

    private function isPriced(string $sweetener): bool
    {
        foreach ($this->core->schools->mix($sweetener) as $row) {
            $isSmall = (float) $row['share'] < $this->core->constants->get('small-share');
            if (! $isSmall && $this->core->larder->get($row['food'])->pricePerGram === null) {
                return false;
            }
        }

        return true;
    }

    /** What the sweeteners cost, whole; null where one that weighs something has no price. */
    private function price(Conversion $conversion): ?float
    {
        $sum = 0.0;
        foreach ($conversion->swap->after->doses as $dose) {
            if ($dose->food?->role === Role::Sweet) {
                if ($dose->food->pricePerGram === null && $dose->mass() > 2 * $this->core->constants->get('weighed')) {
                    return null;
                }
                $sum += ($dose->food->pricePerGram ?? 0.0) * $dose->mass();
            }
        }

        return $sum;
    }

    private function failures(Conversion $conversion): int
    {
        return count(array_filter($conversion->properties, static fn (Property $p): bool => $p->isOutside()));
    }

    /** Clearly: enough of the mix is something else. */
    private function differs(Conversion $a, Conversion $b): bool
    {
        [$x, $y] = [self::gramsByFood($a), self::gramsByFood($b)];
        $moved = 0.0;
        foreach (array_keys($x + $y) as $food) {
            $moved += abs(($x[$food] ?? 0.0) - ($y[$food] ?? 0.0)) / 2;
        }

        return $moved > $this->core->constants->get('clearly-different') * $b->swap->after->mass();
    }

    /** @return array<string, float> */
    private static function gramsByFood(Conversion $conversion): array
    {
        $sum = [];
        foreach ($conversion->swap->after->doses as $dose) {
            $food = $dose->food->key ?? '';
            $sum[$food] = ($sum[$food] ?? 0.0) + $dose->mass();
        }

        return $sum;
    }
}
