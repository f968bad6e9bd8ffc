<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Larder\Label\Label;

/**
 * One food with its facts per 100 g. `u` is their relative standard uncertainty; `netCarbsU` an absolute one,
 * in grams of net carbs in 100 g, where a label's rounding gives it. `package` is "" for the larder's own.
 */
final readonly class Food
{
    /**
     * A record: a row of `data/foods.csv`.
     *
     * @param  list<string>  $aliases
     * @param  list<string>  $allergens
     * @param  array<string, float>  $acids  grams in 100 g by name
     * @param  string  $bag  what the kitchen calls its package; "" for the larder's own
     * @param  array<string, float>  $labelU  by the names of `Label::FIGURES`: uncertainty in 100 g that the label's
     *     rounding leaves
     */
    private function __construct(
        public string $key,
        public string $name,
        public array $aliases,
        public Role $role,
        public Texture $texture,
        public Nutrients $per100,
        public float $u,
        public array $allergens,
        public string $provenance,
        public string $note,
        public float $netCarbsU = 0.0,
        public string $package = '',
        public array $acids = [],
        public ?float $pricePerGram = null,
        public array $labelU = [],
        public string $bag = '',
    ) {}

    /** @param  array<string, string>  $row of `data/foods.csv` */
    public static function fromRow(array $row): self
    {
        $polyols = self::pairs($row['polyols']);
        $facts = new Nutrients(
            (float) $row['energy_kcal'], (float) $row['water_g'], (float) $row['protein_g'], (float) $row['fat_g'],
            (float) $row['carbohydrate_g'], (float) $row['fibre_g'], (float) $row['sugars_g'], $polyols,
            (float) $row['allulose_g'], (float) $row['salt_g'], (float) $row['alcohol_g'],
        );

        return new self(
            $row['key'],
            $row['name'],
            array_values(array_filter(explode('|', $row['aliases']))),
            Role::from($row['role']),
            Texture::from($row['texture']),
            $facts,
            (float) $row['u_percent'] / 100,
            array_values(array_filter(explode('|', $row['allergens']))),
            $row['provenance'],
            $row['note'],
            acids: self::pairs($row['acids']),
        );
    }

    /** The same food as a package of it holds it, by the package's label. */
    public function packaged(Package $package): self
    {
        $label = $package->label->knowing($this->per100, $this->u);

        return new self(
            $this->key,
            $this->name,
            $this->aliases,
            $this->role,
            $this->texture,
            $label->per100(),
            0.0,
            $this->allergens,
            'label',
            $this->note,
            $label->netCarbsU(),
            $package->id,
            $this->acids,
            $package->pricePerGram,
            self::labelU($label),
            $package->name,
        );
    }

    /** A finished thing from a shop, of which only the label is known. */
    public static function bought(Package $package): self
    {
        $label = $package->label;

        return new self(
            '',
            $package->name,
            [],
            Role::Mixin,
            Texture::Whole,
            $label->per100(),
            0.0,
            [],
            'label',
            '',
            $label->netCarbsU(),
            $package->id,
            [],
            $package->pricePerGram,
            self::labelU($label),
        );
    }

    /** @return array<string, float> */
    private static function labelU(Label $label): array
    {
        $u = array_combine(Label::FIGURES, array_map($label->u(...), Label::FIGURES));
        // Total carbohydrate by difference takes in what the law prints apart from it.
        $apart = hypot(
            $label->law->carbohydrateHasFibre() ? 0.0 : $u['fibre'],
            $label->law->carbohydrateHasPolyols() ? 0.0 : $u['polyols'],
        );

        return [...$u, 'carbohydrate' => hypot($u['carbohydrate'], $apart)];
    }

    /** @return array<string, float> of "name=grams|name=grams" */
    private static function pairs(string $cell): array
    {
        $pairs = [];
        foreach (array_filter(explode('|', $cell)) as $pair) {
            [$name, $grams] = explode('=', $pair);
            $pairs[$name] = (float) $grams;
        }

        return $pairs;
    }

    /** Of the 95 % range of net carbs in 100 g. */
    public function netCarbsHalfWidth(): float
    {
        return 2 * $this->netCarbsU;
    }

    public function isLiquid(): bool
    {
        return $this->texture === Texture::Liquid;
    }

    public function nutrients(float $grams): Nutrients
    {
        return $this->per100->times($grams / 100);
    }
}
