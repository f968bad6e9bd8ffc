<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use DomainException;

/** All that is wrong with a label's input, each beside its figure. */
final class InvalidLabel extends DomainException
{
    /** @param  non-empty-array<string, string>  $faults figure => sentence */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', $faults));
    }
}
