<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/** What a kitchen knows beyond the larder: names that it corrected, packages that it uses. */
final readonly class Stock
{
    /**
     * @param  array<string, string>  $names  a name in normal form (`FoodIndex::normal()`) => food key
     * @param  array<int|string, Package>  $packages  by id
     * @param  array<string, string>  $defaults  food key => id of the package that the kitchen uses for it
     */
    public function __construct(
        public array $names = [],
        public array $packages = [],
        public array $defaults = [],
        public Taught $taught = new Taught(),
        public Ways $ways = new Ways,
    ) {}

    public function isEmpty(): bool
    {
        return $this->names === [] &&
            $this->packages === [] &&
            $this->taught->observations === [] &&
            $this->ways == new Ways;
    }
}
