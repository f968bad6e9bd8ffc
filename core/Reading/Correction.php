<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Altered;

/** What the baker said of a line; null leaves the reading as it is. */
final readonly class Correction
{
    use Altered;

    /** For the larder's own facts, whatever package the kitchen uses. */
    public const NO_PACKAGE = 'none';

    /**
     * @param  ?string  $food  its key
     * @param  ?string  $package  a package's id, or `NO_PACKAGE`
     * @param  bool  $isLeftOut  it is no ingredient, or not wanted
     */
    public function __construct(
        public ?string $food = null,
        public ?float $grams = null,
        public ?string $package = null,
        public bool $isLeftOut = false,
    ) {}
}
