<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** A number as it stands in words, figures or both. */
final readonly class Number
{
    /**
     * @param  int  $end  the token behind it
     * @param  float  $multiple  what a word such as "dozen" in it multiplied by
     */
    public function __construct(public float $value, public int $end, public float $multiple = 1.0) {}
}
