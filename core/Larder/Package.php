<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Larder\Label\Label;

/** A package of a food: its facts are those of its label, all else is the food's. */
final readonly class Package
{
    public function __construct(
        public string $id,
        public string $name,
        public string $food,
        public Label $label,
        public ?float $pricePerGram = null,
    ) {}

    /** The price of a gram is known where both price and size are. */
    public static function priced(
        string $id,
        string $name,
        string $food,
        Label $label,
        ?float $price,
        ?float $grams,
    ): self {
        return new self($id, $name, $food, $label, $price !== null && $grams > 0 ? $price / $grams : null);
    }
}
