<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** What decides of a mix: sums in grams, and in the units of `data/properties.csv`, over its foods. */
final readonly class Traits
{
    /** Beyond this all of it is crystals, and more says no more. */
    private const DRY = 20.0;

    /**
     * A record: a sum for each property that is forecast.
     *
     * @param  float  $load polyols and allulose as a share of one dose that a stomach takes
     */
    public function __construct(
        public float $mass = 0.0,
        public float $water = 0.0,
        public float $thirst = 0.0,
        public float $fat = 0.0,
        public float $hold = 0.0,
        public float $sweetness = 0.0,
        public float $solids = 0.0,
        public float $reducing = 0.0,
        public float $crystal = 0.0,
        public float $net = 0.0,
        public float $load = 0.0,
        public float $allulose = 0.0,
        public float $coolness = 0.0,
    ) {}

    /** @param  iterable<array{self, float}>  $shares  each so many times */
    public static function sum(iterable $shares): self
    {
        $mass = $water = $thirst = $fat = $hold = $sweetness = $solids = 0.0;
        $reducing = $crystal = $net = $load = $allulose = $coolness = 0.0;
        foreach ($shares as [$o, $factor]) {
            $mass += $factor * $o->mass;
            $water += $factor * $o->water;
            $thirst += $factor * $o->thirst;
            $fat += $factor * $o->fat;
            $hold += $factor * $o->hold;
            $sweetness += $factor * $o->sweetness;
            $solids += $factor * $o->solids;
            $reducing += $factor * $o->reducing;
            $crystal += $factor * $o->crystal;
            $net += $factor * $o->net;
            $load += $factor * $o->load;
            $allulose += $factor * $o->allulose;
            $coolness += $factor * $o->coolness;
        }

        return new self(
            $mass, $water, $thirst, $fat, $hold, $sweetness, $solids, $reducing, $crystal, $net, $load, $allulose,
            $coolness,
        );
    }

    /** On the outside, where no water of the mix is to dissolve it. */
    public function withoutCrystals(): self
    {
        return new self(
            $this->mass, $this->water, $this->thirst, $this->fat, $this->hold, $this->sweetness, $this->solids,
            $this->reducing, 0.0, $this->net, $this->load, $this->allulose, $this->coolness,
        );
    }

    /** Where it holds no crumb together. */
    public function withoutHold(): self
    {
        return new self(
            $this->mass, $this->water, $this->thirst, $this->fat, 0.0, $this->sweetness, $this->solids,
            $this->reducing, $this->crystal, $this->net, $this->load, $this->allulose, $this->coolness,
        );
    }

    /** Grams of water for each gram that the dry parts want; 0 where nothing is thirsty. */
    public function moisture(): float
    {
        return $this->thirst > 0 ? $this->water / $this->thirst : 0.0;
    }

    public function fatShare(): float
    {
        return $this->mass > 0 ? $this->fat / $this->mass : 0.0;
    }

    /** Reducing sugars' share of the mass times minutes, at the reference heat. */
    public function browning(float $minutesAtReference): float
    {
        return $this->mass > 0 ? $this->reducing / $this->mass * $minutesAtReference : 0.0;
    }

    /**
     * Sugar alcohols, each by how much of it dissolves, against what the water left after baking holds of erythritol.
     */
    public function grain(float $solubility, float $evaporated): float
    {
        $dissolved = $solubility * max(0.0, $this->water - $evaporated);

        return $this->crystal <= 0 ? 0.0 : min(self::DRY, $dissolved > 0 ? $this->crystal / $dissolved : self::DRY);
    }

    /** J a gram of piece that the crystals take up on the tongue. */
    public function cool(float $solubility, float $evaporated, float $heat): float
    {
        $undissolved =
            $this->crystal > 0
                ? max(0.0, 1 - ($solubility * max(0.0, $this->water - $evaporated)) / $this->crystal)
                : 0.0;

        return $this->mass > 0 ? $undissolved * $this->coolness * $heat / max(1.0, $this->mass - $evaporated) : 0.0;
    }
}
