<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use Aglyca\Core\Larder\Label\Label;

/** A package of a food: its facts are those of its label, all else is the food's. */
final readonly class Package
{
    public function __construct(public string $id, public string $name, public string $food, public Label $label) {}
}
