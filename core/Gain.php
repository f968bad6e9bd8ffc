<?php

declare(strict_types=1);

namespace Aglyca\Core;

/** What could still be gained of a dessert that is low-carb already, by another food or amount on one line. */
final readonly class Gain
{
    /**
     * @param  string  $what  in a word or two: "Softer"
     * @param  string  $line  its key
     * @param  string  $food  that would stand on it
     * @param  float  $grams  of it
     * @param  Conversion  $then  the dessert as it would be
     */
    public function __construct(
        public string $what,
        public string $sentence,
        public string $line,
        public string $food,
        public float $grams,
        public Conversion $then,
    ) {}
}
