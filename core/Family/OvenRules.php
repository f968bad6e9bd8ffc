<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Larder\Constants;

/** What an oven does by `data/`: heats in °C, browning doubling with every so many degrees. */
final readonly class OvenRules
{
    private function __construct(
        public float $nutLowerByCelsius,
        public float $nutLongerBy,
        public float $browningReferenceCelsius,
        public float $browningDoublingCelsius,
        public float $airFryerLowerByCelsius,
        public float $airFryerTime,
    ) {}

    public static function from(Constants $constants): self
    {
        return new self(
            $constants->get('nut-lower-by'),
            $constants->get('nut-longer-by'),
            $constants->get('browning-reference'),
            $constants->get('browning-doubling'),
            $constants->get('air-fryer-lower-by'),
            $constants->get('air-fryer-time'),
        );
    }
}
