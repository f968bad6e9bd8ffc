<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Quantity\Altered;

/** What a baker said of sharing a dessert out, as it is kept; `LayoutMaker` makes pieces of it. */
final readonly class PortionPlan
{
    use Altered;

    public const EATEN = [0.5, 1.0, 1.5, 2.0, 3.0];

    /**
     * @param  ?float  $pieces  null takes what the text says
     * @param  array<int, PlacementWish>  $placements  by component
     * @param  array<string, float>  $used  by line key: the share of the line that is eaten
     * @param  ?float  $weighedMixed  grams of the dough as weighed
     * @param  ?float  $weighedBaked  grams of the baked whole as weighed
     * @param  list<Topping>  $toppings  that are added at the table
     * @param  float  $eaten  pieces that are eaten at a time
     */
    public function __construct(
        public ?float $pieces = null,
        public PortionWish $portion = new PortionWish,
        public array $placements = [],
        public array $used = [],
        public ?float $weighedMixed = null,
        public ?float $weighedBaked = null,
        public array $toppings = [],
        public float $eaten = 1.0,
    ) {}

    /** Nothing that changes how the mean piece is counted. */
    public function isPlain(): bool
    {
        return ! $this->isByMass() &&
            $this->placements === [] &&
            $this->weighedMixed === null &&
            $this->weighedBaked === null;
    }

    /** The pieces follow from what was weighed or scooped. */
    public function isByMass(): bool
    {
        return ! in_array($this->portion->way, [Way::Pieces, Way::Grid], true);
    }

    /**
     * A number of pieces typed in ends whatever other way they were portioned, but for a grid that makes as many.
     *
     * @param  ?float  $pieces  null takes what the text says
     */
    public function cutInto(?float $pieces): self
    {
        $isGrid =
            $this->portion->way === Way::Grid && (float) ($this->portion->across * $this->portion->along) === $pieces;

        return $this->but(pieces: $pieces, portion: $isGrid ? $this->portion : new PortionWish);
    }

    public static function shareOf(float $percent): float
    {
        return round($percent / 100, 4);
    }
}
