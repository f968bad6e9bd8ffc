<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** The pieces of a dessert and where its components go. */
final readonly class Layout
{
    /** @param  array<int, Placement>  $placements  by component; one that is not named goes over all pieces */
    public function __construct(public Cut $cut, public array $placements = []) {}

    public function placement(int $component): Placement
    {
        return $this->placements[$component] ?? Placement::all();
    }

    /**
     * Share of a component that is in the mean full piece.
     *
     * @param  float  $mass  grams of the component
     */
    public function share(int $component, float $mass): float
    {
        $placement = $this->placement($component);

        return match ($placement->spread) {
            Spread::All => $this->cut->share(),
            Spread::Some => 1 / $this->cut->all(),
            Spread::Each => $this->portion($placement, $mass) * count($this->cut->pieces()) / $this->cut->all(),
            Spread::Table => 0.0,
        };
    }

    /**
     * Share of a component in each piece, one after another.
     *
     * @return list<float>
     */
    public function shares(int $component, float $mass): array
    {
        $pieces = $this->cut->pieces();
        $placement = $this->placement($component);
        if ($placement->spread === Spread::Some) {
            $on = array_slice($pieces, 0, $placement->pieces);
            $sum = array_sum($on);

            return array_pad(array_map(static fn (float $share): float => $share / $sum, $on), count($pieces), 0.0);
        }

        return match ($placement->spread) {
            Spread::All => $pieces,
            Spread::Each => array_fill(0, count($pieces), $this->portion($placement, $mass)),
            Spread::Table => array_fill(0, count($pieces), 0.0),
        };
    }

    /** Share of a component that one serving at the table takes. */
    public function atTable(int $component, float $mass): float
    {
        $grams = $this->placement($component)->grams;

        return $grams > 0 && $mass > 0 ? min(1.0, $grams / $mass) : 1 / $this->cut->count;
    }

    /** Grams of a component that are short where each piece is to have so much. */
    public function shortBy(int $component, float $mass): float
    {
        $placement = $this->placement($component);

        return $placement->spread === Spread::Each
            ? max(0.0, $placement->grams * count($this->cut->pieces()) - $mass)
            : 0.0;
    }

    private function portion(Placement $placement, float $mass): float
    {
        return $mass > 0 ? min(1 / count($this->cut->pieces()), $placement->grams / $mass) : 0.0;
    }
}
