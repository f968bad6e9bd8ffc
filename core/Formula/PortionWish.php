<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Quantity\Altered;

/** How the baker said that a batch is portioned, as it is kept; `LayoutMaker` makes a `Portioning` of it. */
final readonly class PortionWish
{
    use Altered;

    public const SCOOP = '40';

    /**
     * @param  string  $scoop  a key of `data/scoops.csv`
     * @param  ?float  $each  grams of a piece; null where the scoop says
     * @param  list<float>  $masses  grams of unequal pieces
     */
    public function __construct(
        public Way $way = Way::Pieces,
        public int $across = 1,
        public int $along = 1,
        public string $scoop = self::SCOOP,
        public ?float $each = null,
        public MassOf $of = MassOf::Dough,
        public Leftover $leftover = Leftover::Spread,
        public array $masses = [],
    ) {}
}
