<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Pan;

/** A recipe as read from text. */
final readonly class Recipe
{
    /**
     * @param  ?int  $pieces  null where the text does not say
     * @param  string  $pieceName  "cookies", "slices"; "" where the text does not say
     * @param  list<string>  $components  names; the first is "" unless the recipe names it
     * @param  list<Line>  $lines
     * @param  list<Step>  $steps
     * @param  ?Pan  $pan  the first that the method names
     */
    public function __construct(
        public string $title,
        public ?int $pieces,
        public string $pieceName,
        public string $yieldText,
        public array $components,
        public array $lines,
        public array $steps,
        public ?Pan $pan = null,
    ) {}

    private const SINGULAR = ['people' => 'portion', 'person' => 'portion', 'sandwiches' => 'sandwich', 'glasses' => 'glass', 'servings' => 'serving', 'candies' => 'candy', 'loaves' => 'loaf'];

    /** What one piece is called, or several where a number is given. */
    public function pieceWord(float $count = 1.0): string
    {
        $name = $this->pieceName === '' ? 'piece' : $this->pieceName;
        $one = self::SINGULAR[$name] ?? (str_ends_with($name, 's') && ! str_ends_with($name, 'ss') ? substr($name, 0, -1) : $name);

        return $count === 1.0 ? $one : match (1) {
            preg_match('~(?:ch|ss|x)$~', $one) => $one.'es',
            preg_match('~[^aeiou]y$~', $one) => substr($one, 0, -1).'ies',
            preg_match('~^loaf$~', $one) => 'loaves',
            default => $one.'s',
        };
    }
}
