<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Tables;

/** The allergens of a dessert, by the lists of the EU (1169/2011 annex II) and of the US. */
final readonly class AllergenList
{
    /** @var array<string, array<string, string>> rows of `data/allergens.csv` by kind, or by kind and which */
    private array $rows;

    public function __construct(Tables $tables)
    {
        $this->rows = $tables->keyed('allergens', 'allergen');
    }

    /** @return array<string, string> kind => name */
    public function names(): array
    {
        return array_map(
            static fn (array $row): string => $row['name'],
            array_filter($this->rows, static fn (string $k): bool => ! str_contains($k, ':'), ARRAY_FILTER_USE_KEY),
        );
    }

    /** @return list<Allergen> in the order of the table */
    public function in(Formula $formula): array
    {
        return $this->named(
            array_merge([], ...array_map(static fn (Dose $d): array => $d->food->allergens ?? [], $formula->doses)),
        );
    }

    /** @return list<Allergen> that lines may hold which were not wholly understood, beside what is known to be in it */
    public function possible(Formula $formula): array
    {
        $sure = array_column($this->in($formula), 'kind');

        return array_values(array_filter(
            $this->named(array_merge([], ...array_column($formula->doses, 'possibleAllergens'))),
            static fn (Allergen $a): bool => ! in_array($a->kind, $sure, true),
        ));
    }

    /** @return list<Allergen> that the swap brings */
    public function brought(Formula $before, Formula $after): array
    {
        $was = [];
        foreach ($this->in($before) as $allergen) {
            $was[$allergen->kind] = $allergen->which;
        }
        $new = [];
        foreach ($this->in($after) as $allergen) {
            $which = array_values(array_diff($allergen->which, $was[$allergen->kind] ?? []));
            if (! isset($was[$allergen->kind]) || $which !== []) {
                $new[] = $allergen->with($which);
            }
        }

        return $new;
    }

    /**
     * @param  list<string>  $allergens  such as "nuts:almond"
     * @return list<Allergen>
     */
    private function named(array $allergens): array
    {
        $found = [];
        foreach ($allergens as $allergen) {
            [$kind, $which] = [...explode(':', $allergen), ''];
            $found[$kind] ??= [];
            if ($which !== '') {
                $found[$kind][$which] = true;
            }
        }
        $order = array_flip(array_keys($this->rows));
        uksort($found, static fn (string $a, string $b): int => ($order[$a] ?? 99) <=> ($order[$b] ?? 99));

        return array_map($this->allergen(...), array_keys($found), array_map(array_keys(...), array_values($found)));
    }

    /** @param  list<string>  $which */
    private function allergen(string $kind, array $which): Allergen
    {
        $rows = array_map(fn (string $w): ?array => $this->rows["$kind:$w"] ?? null, $which);
        // Of several the one that is on the fewest lists says nothing of the others.
        $row = count($which) === 1 && $rows[0] !== null ? $rows[0] : $this->rows[$kind];
        $isUs = $row['us'] === 'yes' || ($row['us'] === 'wheat only' && in_array('wheat', $which, true));

        return new Allergen($kind, $this->rows[$kind]['name'], $which, $row['eu'] === 'yes', $isUs);
    }
}
