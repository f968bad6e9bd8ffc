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
}
