<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** A time as it stands in a text, in minutes. */
final readonly class Duration
{
    /** @param  int  $end  the token behind it */
    public function __construct(public float $low, public float $high, public int $end) {}
}
