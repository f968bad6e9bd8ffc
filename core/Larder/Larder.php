<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Larder\Label\LabelReader;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Tables;
use OutOfBoundsException;

/** All foods with what is known of them: facts, densities, portions and properties. */
final class Larder
{
    /** @var array<string, array<string, string>> */
    private array $rows;

    /** @var array<string, string> food key => name */
    private array $names;

    /** @var array<string, Food> */
    private array $foods = [];

    /** @var array<string, array<string, float>> food => form => g a millilitre */
    private array $densities;

    /**
     * @var array<string, array<string, array<string, string>>> food => portion => row; made an estimate when asked for
     */
    private array $portions;

    /** @var array<string, array<string, array<string, string>>> food => property => row; made a range when asked for */
    private array $properties;

    /** Millilitres. */
    private float $cup;

    public readonly LabelReader $labels;

    public function __construct(
        Tables $tables,
        UnitTable $units,
        private readonly Constants $constants,
        private readonly Stock $stock = new Stock(),
    ) {
        $this->cup = $units->get('cup')->size;
        $this->labels = new LabelReader($tables);
        $this->rows = $tables->keyed('foods', 'key');
        $this->names = $tables->pairs('foods', 'name', 'key');
        $this->densities = $tables->worked(
            'densities',
            static function () use ($tables, $units): array {
                $densities = [];
                foreach ($tables->rows('densities') as $row) {
                    $densities[$row['food']][$row['form']] = (float) $row['grams'] / $units->get($row['per'])->size;
                }

                return $densities;
            },
        );
        $this->portions = $tables->keyedTwice('portions', 'food', 'portion');
        $this->properties = $tables->keyedTwice('properties', 'food', 'property');
    }

    /** It is so much sweeter than sugar that a speck of it sweetens: it gives no bulk. */
    public function isConcentrate(Food $food): bool
    {
        return $this->typical($food, 'sweetness') > $this->constants->get('concentrate');
    }

    /** @return list<string> other names that a food is read by */
    public function aliases(string $key): array
    {
        return array_values(array_filter(explode('|', $this->rows[$key]['aliases'] ?? '')));
    }

    /** @throws OutOfBoundsException for a key that the larder does not hold */
    public function get(string $key): Food
    {
        return $this->find($key) ?? throw new OutOfBoundsException("No food '$key' in data/foods.csv.");
    }

    /** The food as this kitchen has it: from its usual package where there is one. */
    public function find(string $key): ?Food
    {
        if (! isset($this->rows[$key])) {
            return null;
        }

        return $this->foods[$key] ??= $this->usual(Food::fromRow($this->rows[$key]));
    }

    /** The food without any package. */
    public function plain(string $key): ?Food
    {
        return isset($this->rows[$key]) ? Food::fromRow($this->rows[$key]) : null;
    }

    /** The food as one package holds it; null where the kitchen no longer has that package. */
    public function fromPackage(string $id): ?Food
    {
        $package = $this->stock->packages[$id] ?? null;

        return match (true) {
            $package === null => null,
            $package->food === '' => Food::bought($package, $this->labels),
            default => $this->plain($package->food)?->packaged($package, $this->labels),
        };
    }

    /** @return list<Food> each package of the kitchen */
    public function packaged(): array
    {
        return array_values(
            array_filter(array_map(fn (Package $p): ?Food => $this->fromPackage($p->id), $this->stock->packages)),
        );
    }

    /** @return list<Package> the kitchen's packages of a food */
    public function packagesOf(string $food): array
    {
        return array_values(array_filter($this->stock->packages, static fn (Package $p): bool => $p->food === $food));
    }

    private function usual(Food $food): Food
    {
        $package = $this->stock->packages[$this->stock->defaults[$food->key] ?? ''] ?? null;

        return $package === null ? $food : $food->packaged($package, $this->labels);
    }

    /** @return array<string, Food> by key, in the order of the file */
    public function all(): array
    {
        return array_map(fn (array $row): Food => $this->get($row['key']), $this->rows);
    }

    /** @return array<string, string> food key => name, without building the foods */
    public function names(): array
    {
        return $this->names;
    }

    /** Grams a millilitre in a form such as "sifted"; where the form is not known, as usually measured. */
    public function density(Food $food, string $form = ''): Density
    {
        $known = $this->densities[$food->key] ?? null;
        if ($known === null) {
            return new Density($this->densities['~'.$food->texture->value][''], true);
        }

        $cups = $this->stock->taught->of(Taught::CUP.$food->key);
        if ($cups !== []) {
            $taught = $this->taughtDensity($food, $cups);

            return new Density(
                ($taught->value * ($known[$form] ?? $known[''])) / $known[''],
                false,
                $taught->u / $taught->value,
            );
        }

        return new Density($known[$form] ?? $known[''], false);
    }

    /** Grams a millilitre as others find it. */
    public function usualDensity(Food $food): Estimate
    {
        $value = $this->densities[$food->key][''] ?? $this->densities['~'.$food->texture->value][''];

        return Estimate::of($value, $value * $this->constants->get('volume:'.$food->texture->value));
    }

    /** Grams of a cup so dense. */
    public function ofCup(Estimate $density): Estimate
    {
        return $density->times($this->cup);
    }

    /** @param  list<float>  $cups  grams of a cup as this kitchen weighed it */
    public function taughtDensity(Food $food, array $cups): Estimate
    {
        $usual = $this->usualDensity($food);

        return Taught::posterior(
            $usual->value,
            $usual->u,
            $usual->value * $this->constants->get('cup-spread'),
            array_map(fn (float $g): float => $g / $this->cup, $cups),
        );
    }

    /** @return array<string, float> form => grams a millilitre */
    public function densities(Food $food): array
    {
        return $this->densities[$food->key] ?? [];
    }

    public function portion(Food $food, string $portion): ?Estimate
    {
        $row = $this->portions[$food->key][$portion] ?? null;

        return $row === null ? null : Estimate::of((float) $row['grams'], (float) $row['u_grams']);
    }

    /**
     * Grams of one of a food that is counted.
     *
     * @throws OutOfBoundsException where nobody counts it
     */
    public function each(string $key): float
    {
        $portion = $this->portions[$key][''] ?? throw new OutOfBoundsException("'$key' is not counted in portions.csv.");

        return (float) $portion['grams'];
    }

    public function property(Food $food, string $property): ?Range
    {
        $row = $this->properties[$food->key][$property] ?? null;

        return $row === null ? null : new Range((float) $row['low'], (float) $row['typical'], (float) $row['high']);
    }

    /** The typical value, or 0 where the food does not have the property. */
    public function typical(Food $food, string $property): float
    {
        return (float) ($this->properties[$food->key][$property]['typical'] ?? 0.0);
    }
}
