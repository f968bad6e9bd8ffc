<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Texture;

/** The form of a sugar, which what takes its place has too; the value is a column of `data/sweetener_mixes.csv`. */
enum SugarForm: string
{
    case Granulated = 'food';
    case Powdered = 'powdered';
    case Golden = 'golden';
    case Coating = 'coating';

    /** It stays on the outside, whatever sweetens the dough. */
    private const OUTSIDE = '~\b(?:to|for)\s+(?:the\s+)?(?:coat|roll|sprinkl|toss)(?:ing)?\b(?!\s+out)|\bfor\s+(?:the\s+)?(?:top|tops|outside)\b~iu';

    private const BROWN = ['brown-sugar', 'coconut-sugar', 'molasses'];

    /** @param  string  $text  of the line */
    public static function of(Food $food, string $text): self
    {
        return match (true) {
            $food->texture === Texture::Powder => self::Powdered,
            preg_match(self::OUTSIDE, $text) === 1 => self::Coating,
            in_array($food->key, self::BROWN, true) => self::Golden,
            default => self::Granulated,
        };
    }
}
