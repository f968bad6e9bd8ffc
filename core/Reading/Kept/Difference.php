<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Kept;

/** One thing that is read otherwise today than it was kept. */
final readonly class Difference
{
    /**
     * @param  "title"|"pieces"|"line"|"step"  $kind
     * @param  string  $text  the words that are read
     * @param  ?string  $was  null where it was not taken for such a thing
     * @param  ?string  $is  null where it is no longer
     * @param  ?float  $wasGrams  of a line
     * @param  ?float  $isGrams  of a line
     */
    public function __construct(
        public string $kind,
        public string $text,
        public ?string $was,
        public ?string $is,
        public ?float $wasGrams = null,
        public ?float $isGrams = null,
    ) {}
}
