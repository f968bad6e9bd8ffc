<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Pan;

/** A recipe as read from text. */
final readonly class Recipe
{
    /** Null where the text does not say. */
    public ?int $pieces;

    /** Of one: "cookie"; "" where the text does not say. */
    public string $pieceName;

    /**
     * @param  list<string>  $components  names; the first is "" unless the recipe names it
     * @param  list<Line>  $lines
     * @param  list<Step>  $steps
     * @param  list<TextRow>  $rows  all of the text, with what each row was taken for
     * @param  Measures  $measures  the cups and spoons that it means
     * @param  ?Pan  $pan  the first that the method names
     */
    public function __construct(
        public string $title,
        Yielded $yielded,
        public array $components,
        public array $lines,
        public array $steps,
        public array $rows,
        public Measures $measures,
        public ?Pan $pan = null,
    ) {
        [$this->pieces, $this->pieceName] = [$yielded->pieces, $yielded->pieceName];
    }

    /** What one piece is called, or several where a number is given. */
    public function pieceWord(float $count = 1.0): string
    {
        $one = $this->pieceName === '' ? 'piece' : $this->pieceName;

        return $count === 1.0 ? $one : match (1) {
            preg_match('~(?:ch|ss|x)$~', $one) => $one.'es',
            preg_match('~[^aeiou]y$~', $one) => substr($one, 0, -1).'ies',
            preg_match('~^loaf$~', $one) => 'loaves',
            default => $one.'s',
        };
    }
}
