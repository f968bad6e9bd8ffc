<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Food;

/** What the baker said of a line; null leaves the reading as it is. `package` is a package's id, or "none" for the larder's own facts. */
final readonly class Correction
{
    public function __construct(public ?Food $food, public ?float $grams, public ?string $package = null, public bool $leftOut = false) {}
}
