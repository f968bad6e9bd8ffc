<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Larder\Food;

/** What helps a mix that is not as it should be. */
final readonly class Remedy
{
    /**
     * @param  string  $label  what the baker sees: "It is too sticky"
     * @param  string  $text  with the amount for this batch
     * @param  ?Food  $food  that goes in; null where nothing does
     */
    public function __construct(
        public string $symptom,
        public string $label,
        public string $text,
        public ?Food $food,
        public float $grams,
    ) {}
}
