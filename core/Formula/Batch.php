<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use InvalidArgumentException;

/** The dough and the baked whole in grams: as weighed by the baker where they did, else as reckoned. */
final readonly class Batch
{
    private function __construct(
        public float $mixed,
        public float $baked,
        public bool $isMixedWeighed,
        public bool $isBakedWeighed,
    ) {}

    /**
     * @param  float  $reckoned  grams of all that goes in
     * @param  float  $bakeLoss  share of the mixed mass that the family usually loses
     *
     * @throws InvalidArgumentException where nothing is there to be shared out
     */
    public static function of(
        float $reckoned,
        float $bakeLoss,
        ?float $weighedMixed = null,
        ?float $weighedBaked = null,
    ): self {
        $mixed = $weighedMixed ?? $reckoned;
        if (! ($mixed > 0)) {
            throw new InvalidArgumentException('There is nothing to be shared out.');
        }

        return new self(
            $mixed,
            $weighedBaked ?? $mixed * (1 - $bakeLoss),
            $weighedMixed !== null,
            $weighedBaked !== null,
        );
    }

    /** What so many grams of dough weigh baked. */
    public function bakedOf(float $mixed): float
    {
        return $mixed * $this->baked / $this->mixed;
    }

    /** Share of the mixed mass that went into the air. */
    public function loss(): float
    {
        return max(0.0, 1 - $this->baked / $this->mixed);
    }
}
