<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** A component's part of what the pieces together may hold; null where there is no bound. */
final readonly class Allowance
{
    /**
     * @param  float  $pieces  that the dessert is cut into
     * @param  ?float  $load  doses of polyols and allulose that a stomach takes
     * @param  ?float  $net  grams of net carbs
     * @param  float  $netAPiece  the limit itself, for its scale
     */
    public function __construct(
        public float $pieces,
        public ?float $load,
        public ?float $net,
        public float $netAPiece = 0.0,
    ) {}

    public static function none(): self
    {
        return new self(1.0, null, null);
    }
}
