<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/**
 * What an amount of food holds: grams, and energy in kcal.
 *
 * `carbohydrate` is total carbohydrate by difference: fibre, polyols, allulose and organic acids are in it.
 */
final readonly class Nutrients
{
    /**
     * A record: the columns of a composition.
     *
     * @param  array<string, float>  $polyols grams by name
     */
    public function __construct(
        public float $energy = 0.0,
        public float $water = 0.0,
        public float $protein = 0.0,
        public float $fat = 0.0,
        public float $carbohydrate = 0.0,
        public float $fibre = 0.0,
        public float $sugars = 0.0,
        public array $polyols = [],
        public float $allulose = 0.0,
        public float $salt = 0.0,
        public float $alcohol = 0.0,
        public float $organicAcids = 0.0,
    ) {}

    public function times(float $f): self
    {
        return new self(
            $this->energy * $f, $this->water * $f, $this->protein * $f, $this->fat * $f, $this->carbohydrate * $f,
            $this->fibre * $f, $this->sugars * $f, array_map(static fn (float $g): float => $g * $f, $this->polyols),
            $this->allulose * $f, $this->salt * $f, $this->alcohol * $f, $this->organicAcids * $f,
        );
    }

    /** @param  iterable<self>  $parts */
    public static function sum(iterable $parts): self
    {
        $energy = $water = $protein = $fat = $carbohydrate = $fibre = $sugars = 0.0;
        $allulose = $salt = $alcohol = $organicAcids = 0.0;
        $polyols = [];
        foreach ($parts as $o) {
            $energy += $o->energy;
            $water += $o->water;
            $protein += $o->protein;
            $fat += $o->fat;
            $carbohydrate += $o->carbohydrate;
            $fibre += $o->fibre;
            $sugars += $o->sugars;
            foreach ($o->polyols as $name => $grams) {
                $polyols[$name] = ($polyols[$name] ?? 0.0) + $grams;
            }
            $allulose += $o->allulose;
            $salt += $o->salt;
            $alcohol += $o->alcohol;
            $organicAcids += $o->organicAcids;
        }

        return new self(
            $energy, $water, $protein, $fat, $carbohydrate, $fibre, $sugars, $polyols, $allulose, $salt, $alcohol,
            $organicAcids,
        );
    }

    public function polyolGrams(): float
    {
        return array_sum($this->polyols);
    }

    /** Carbohydrate that the body takes for fuel as sugars and starch; below zero where a table contradicts itself. */
    public function digestible(): float
    {
        return $this->carbohydrate - $this->fibre - $this->polyolGrams() - $this->allulose - $this->organicAcids;
    }
}
