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

    private const BROWN = ['brown-sugar', 'coconut-sugar', 'molasses'];

    public static function of(Food $food): self
    {
        return match (true) {
            $food->texture === Texture::Powder => self::Powdered,
            in_array($food->key, self::BROWN, true) => self::Golden,
            default => self::Granulated,
        };
    }
}
