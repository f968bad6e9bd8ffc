<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Said;

/** A recipe as it was read, with the formula that follows from it alone and what kind of bake each part of that is. */
final readonly class Written
{
    /**
     * @param  list<Said>  $said  what the text says beside its work
     * @param  array<int, string>  $kinds  keys of families by component; none where nobody looked yet
     */
    private function __construct(
        public Recipe $recipe,
        public Formula $formula,
        public array $said,
        public array $kinds = [],
    ) {}

    /** @param  list<Said>  $said */
    public static function of(Recipe $recipe, Constants $constants, array $said = []): self
    {
        return new self($recipe, Formula::asWritten($recipe, null, $constants), $said);
    }

    /** @param  array<int, string>  $kinds */
    public function ofKinds(array $kinds): self
    {
        return new self($this->recipe, $this->formula, $this->said, $kinds);
    }
}
