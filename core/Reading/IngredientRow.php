<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A row of the text that names ingredients, and the component that they are in. */
final readonly class IngredientRow
{
    public function __construct(public string $text, public int $component) {}
}
