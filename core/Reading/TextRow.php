<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A row of a recipe's text with what it was taken for. */
final readonly class TextRow
{
    /**
     * @param  string  $key  stays the same while the row's text does
     * @param  bool  $isSaid  the baker said what it is
     * @param  bool  $isDoubtful  it holds an amount and a food, and went elsewhere than to the ingredients
     */
    public function __construct(
        public string $key,
        public string $text,
        public Fate $fate,
        public bool $isSaid = false,
        public bool $isDoubtful = false,
    ) {}
}
