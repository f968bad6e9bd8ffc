<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** What will differ: sweetness, bulk, moisture, fat and hold, each before and after. */
final readonly class Forecaster
{
    public function __construct(private Larder $larder) {}

    /** @return array<string, Property> by key */
    public function compare(Formula $before, Formula $after): array
    {
        $properties = [
            new Property('sweetness', 'Sweetness', 'g sucrose', $this->weighted($before, 'sweetness'), $this->weighted($after, 'sweetness')),
            new Property('bulk', 'Bulk of sweetener and flour', 'g', $this->bulk($before), $this->bulk($after)),
            new Property('moisture', 'Moisture against thirst', 'g/g', $this->moisture($before), $this->moisture($after)),
            new Property('fat', 'Fat', 'g/g', $this->fat($before), $this->fat($after)),
            new Property('structure', 'Hold', 'g wheat flour', $this->weighted($before, 'holding'), $this->weighted($after, 'holding')),
        ];

        return array_column(array_map(static fn (Property $p): array => [$p->key, $p], $properties), 1, 0);
    }

    private function weighted(Formula $formula, string $property): float
    {
        $sum = 0.0;
        foreach ($formula->doses as $dose) {
            $sum += $dose->food === null ? 0.0 : $dose->mass() * $this->larder->typical($dose->food, $property);
        }

        return $sum;
    }

    /** Solids of sweeteners, flours and binders. */
    private function bulk(Formula $formula): float
    {
        $sum = 0.0;
        foreach ($formula->doses as $dose) {
            if (in_array($dose->food?->role, [Role::Sweet, Role::Body, Role::Binder], true)) {
                $sum += $dose->mass() * (1 - $dose->food->per100->water / 100);
            }
        }

        return $sum;
    }

    /** Grams of water for each gram that the dry parts want. */
    private function moisture(Formula $formula): float
    {
        $water = 0.0;
        $thirst = 0.0;
        foreach ($formula->doses as $dose) {
            if ($dose->food !== null) {
                $water += $dose->food->nutrients($dose->mass())->water;
                $thirst += $dose->mass() * $this->larder->typical($dose->food, 'thirst');
            }
        }

        return $thirst > 0 ? $water / $thirst : 0.0;
    }

    private function fat(Formula $formula): float
    {
        $fat = 0.0;
        foreach ($formula->doses as $dose) {
            $fat += $dose->food?->nutrients($dose->mass())->fat ?? 0.0;
        }

        return $formula->mass() > 0 ? $fat / $formula->mass() : 0.0;
    }
}
