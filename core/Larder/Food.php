<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\Label\LabelReader;

/**
 * One food with its facts per 100 g. `u` is their relative standard uncertainty; `netCarbsU` an absolute one,
 * in grams of net carbs in 100 g, where a label's rounding gives it. `package` is "" for the larder's own.
 */
final readonly class Food
{
    /**
     * A record: a row of `data/foods.csv`.
     *
     * @param  list<string>  $allergens
     * @param  array<string, float>  $acids  grams in 100 g by name
     * @param  string  $bag  what the kitchen calls its package; "" for the larder's own
     * @param  array<string, float>  $labelU  by the names of `Label::FIGURES`: uncertainty in 100 g that the label's
     *     rounding leaves
     */
    private function __construct(
        public string $key,
        public string $name,
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
        $acids = self::pairs($row['acids']);
        // Acids stand in the carbohydrate by difference as far as sugars, starch and what else is named leave room.
        $named = array_sum($polyols);
        foreach (['fibre_g', 'sugars_g', 'starch_g', 'allulose_g'] as $part) {
            $named += (float) $row[$part];
        }
        $room = max(0.0, (float) $row['carbohydrate_g'] - $named);
        $facts = new Nutrients(
            (float) $row['energy_kcal'], (float) $row['water_g'], (float) $row['protein_g'], (float) $row['fat_g'],
            (float) $row['carbohydrate_g'], (float) $row['fibre_g'], (float) $row['sugars_g'], $polyols,
            (float) $row['allulose_g'], (float) $row['salt_g'], (float) $row['alcohol_g'],
            min(array_sum($acids), $room),
        );

        return new self(
            $row['key'],
            $row['name'],
            Role::from($row['role']),
            Texture::from($row['texture']),
            $facts,
            (float) $row['u_percent'] / 100,
            array_values(array_filter(explode('|', $row['allergens']))),
            $row['provenance'],
            $row['note'],
            acids: $acids,
        );
    }

    /**
     * The same food under a name that brings allergens of its own.
     *
     * @param  list<string>  $allergens
     */
    public function holding(array $allergens): self
    {
        $all = array_values(array_unique([...$this->allergens, ...$allergens]));

        return $all === $this->allergens ? $this : new self(
            $this->key, $this->name, $this->role, $this->texture, $this->per100, $this->u, $all, $this->provenance,
            $this->note, $this->netCarbsU, $this->package, $this->acids, $this->pricePerGram, $this->labelU,
            $this->bag,
        );
    }

    /** The same food as a package of it holds it, by the package's label. */
    public function packaged(Package $package, LabelReader $reader): self
    {
        $label = $reader->named($package->label)->knowing($this->per100, $this->u);

        return new self(
            $this->key,
            $this->name,
            $this->role,
            $this->texture,
            $label->per100(),
            0.0,
            $this->allergens,
            'label',
            $this->note,
            hypot($label->netCarbsU(), $reader->netCarbsU($label)),
            $package->id,
            $this->acids,
            $package->pricePerGram,
            self::labelU($label, $reader),
            $package->name,
        );
    }

    /** A finished thing from a shop, of which only the label is known. */
    public static function bought(Package $package, LabelReader $reader): self
    {
        $label = $reader->named($package->label);

        return new self(
            '',
            $package->name,
            Role::Mixin,
            Texture::Whole,
            $label->per100(),
            0.0,
            [],
            'label',
            '',
            hypot($label->netCarbsU(), $reader->netCarbsU($label)),
            $package->id,
            [],
            $package->pricePerGram,
            self::labelU($label, $reader),
        );
    }

    /** @return array<string, float> */
    private static function labelU(Label $label, LabelReader $reader): array
    {
        $u = [];
        foreach (Label::FIGURES as $figure) {
            $grams = $label->middle($figure) * 100 / $label->servingGrams;
            $u[$figure] = hypot($label->u($figure), $reader->toleranceU($label->law, $figure, $grams));
        }
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
