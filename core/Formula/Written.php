<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Recipe;

/** A recipe as it was read, with the formula that follows from it alone. */
final readonly class Written
{
    private function __construct(public Recipe $recipe, public Formula $formula) {}

    public static function of(Recipe $recipe, Constants $constants): self
    {
        return new self($recipe, Formula::asWritten($recipe, null, $constants));
    }
}
