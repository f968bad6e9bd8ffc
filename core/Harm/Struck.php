<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

/** Words of the recipe that are not true of the new dessert. */
final readonly class Struck
{
    /**
     * @param  string  $text  as they stood
     * @param  string  $why  with what is true
     * @param  ?int  $step  number of the step that they stood in
     * @param  int  $from  byte in the step where they begin
     */
    public function __construct(
        public string $text,
        public string $why,
        public ?int $step = null,
        public int $from = 0,
    ) {}
}
