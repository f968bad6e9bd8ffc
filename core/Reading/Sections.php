<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** The rows of a recipe's text, each put where it belongs. */
final readonly class Sections
{
    /**
     * @param  list<string>  $components
     * @param  list<IngredientRow>  $ingredients
     * @param  list<string>  $steps
     */
    public function __construct(
        public string $title,
        public string $yield,
        public array $components,
        public array $ingredients,
        public array $steps,
    ) {}
}
