<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** What a sentence of a recipe's text speaks of, beside what goes in and what is done. */
final readonly class Said
{
    /**
     * @param  string  $topic  of `data/language/en/meanings.csv`
     * @param  string  $sentence  as it stands
     * @param  int  $from  byte in the text that holds it
     * @param  int  $at  byte in the sentence where the words stand
     * @param  string  $words  the words themselves
     * @param  ?int  $step  number of the step that it stands in; null where it stands elsewhere
     */
    public function __construct(
        public string $topic,
        public string $sentence,
        public int $from,
        public int $at,
        public string $words,
        public Fate $fate,
        public ?int $step = null,
    ) {}
}
