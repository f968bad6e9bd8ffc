<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** For a value whose public properties are its constructor's parameters: the same value with some of them otherwise. */
trait Altered
{
    /** @param  mixed  ...$changes  by the names of the constructor's parameters */
    public function but(mixed ...$changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
