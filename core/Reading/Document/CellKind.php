<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/** What a cell of a text is by itself. */
enum CellKind
{
    /** An amount of a food that is known. */
    case Thing;

    /** An amount of what may be one. */
    case Likely;

    /** A food without its amount. */
    case Name;

    /** An amount without its food. */
    case Amount;

    case Words;

    case Blank;

    public function isThing(): bool
    {
        return $this === self::Thing || $this === self::Likely;
    }
}
