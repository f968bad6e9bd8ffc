<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Closure;

/** Where what was read of a text is kept for the next who asks for it. */
interface Readings
{
    /**
     * @param  string  $key  the same for the same text, read with the same corrections
     * @param  Closure(): Written  $read  what it throws is not kept
     */
    public function of(string $key, Closure $read): Written;
}
