<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** The rows of a recipe's text, each put where it belongs. */
final readonly class Sections
{
    /**
     * @param  string  $yield  "" where no row says it
     * @param  list<string>  $components
     * @param  list<IngredientRow>  $ingredients
     * @param  list<string>  $steps
     * @param  list<TextRow>  $rows  all of them, in the order of the text
     */
    public function __construct(
        public string $title,
        public string $yield,
        public array $components,
        public array $ingredients,
        public array $steps,
        public array $rows,
    ) {}
}
