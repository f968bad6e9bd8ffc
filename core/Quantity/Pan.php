<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

use InvalidArgumentException;

/** A pan; lengths in centimetres. */
final readonly class Pan
{
    /** @param  ?float  $depth  null where it is not known */
    private function __construct(
        public float $length,
        public float $width,
        public bool $isRound,
        public ?float $depth,
    ) {}

    /** @throws InvalidArgumentException */
    public static function round(float $diameter, ?float $depth = null): self
    {
        self::check([$diameter, $depth]);

        return new self($diameter, $diameter, true, $depth);
    }

    /** @throws InvalidArgumentException */
    public static function rectangular(float $length, float $width, ?float $depth = null): self
    {
        self::check([$length, $width, $depth]);

        return new self($length, $width, false, $depth);
    }

    /** cm² */
    public function area(): float
    {
        return $this->isRound ? M_PI * ($this->length / 2) ** 2 : $this->length * $this->width;
    }

    /** @param  list<?float>  $sides */
    private static function check(array $sides): void
    {
        foreach ($sides as $side) {
            if ($side !== null && ! ($side > 0 && $side <= 100)) {
                throw new InvalidArgumentException('A pan is measured in cm: above 0 and up to 100.');
            }
        }
    }
}
