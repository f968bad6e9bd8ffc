<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/** One food of the larder with its facts per 100 g; `u` is their relative standard uncertainty. */
final readonly class Food
{
    /**
     * @param  list<string>  $aliases
     * @param  list<string>  $allergens
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
    ) {}

    /** @param  array<string, string>  $row of `data/foods.csv` */
    public static function fromRow(array $row): self
    {
        $polyols = [];
        foreach (array_filter(explode('|', $row['polyols'])) as $pair) {
            [$name, $grams] = explode('=', $pair);
            $polyols[$name] = (float) $grams;
        }
        $facts = new Nutrients(
            (float) $row['energy_kcal'], (float) $row['water_g'], (float) $row['protein_g'], (float) $row['fat_g'],
            (float) $row['carbohydrate_g'], (float) $row['fibre_g'], (float) $row['sugars_g'], $polyols,
            (float) $row['allulose_g'], (float) $row['salt_g'], (float) $row['alcohol_g'],
        );

        return new self(
            $row['key'], $row['name'], array_values(array_filter(explode('|', $row['aliases']))),
            Role::from($row['role']), Texture::from($row['texture']), $facts, (float) $row['u_percent'] / 100,
            array_values(array_filter(explode('|', $row['allergens']))), $row['provenance'], $row['note'],
        );
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
