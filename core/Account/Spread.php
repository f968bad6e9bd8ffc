<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

/** Standard uncertainties of the parts of a carbohydrate, each for itself. */
final readonly class Spread
{
    public function __construct(
        public float $carbohydrate,
        public float $fibre,
        public float $polyols,
        public float $allulose,
    ) {}

    public static function alike(float $u): self
    {
        return new self($u, $u, $u, $u);
    }

    /** Of net carbs, as a convention takes the parts together. */
    public function net(Convention $convention): float
    {
        $counted = $this->carbohydrate ** 2 + $this->fibre ** 2;

        return match ($convention) {
            Convention::Available => sqrt($counted),
            default => sqrt($counted + $this->polyols ** 2 + $this->allulose ** 2),
        };
    }
}
