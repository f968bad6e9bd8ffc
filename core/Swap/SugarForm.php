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
    case Dusting = 'dusting';

    /** It stays on the outside, whatever sweetens the dough. */
    private const OUTSIDE = '~\b(?:to|for)\s+(?:the\s+)?(?:coat|roll|sprinkl|toss)(?:e|ing)?\b(?!\s+out)|\bfor\s+(?:the\s+)?(?:top|tops|outside)\b~iu';

    private const DUSTED = '~\b(?:to|for)\s+(?:the\s+)?(?:dust|roll|coat|sprinkl|finish|decorat)(?:e|ing)?\b(?!\s+out)~iu';

    /** "To roll:", "Coating", "For the cinnamon sugar": all that stands below it is for the outside. */
    private const HEADED = '~^\W*(?:to\s+(?:roll|coat|dust|sprinkle|toss)\b|(?:for\s+(?:the\s+)?)?(?:\pL+\s+)?(?:coating|rolling|dusting|sprinkling|cinnamon\s+sugar)\W*$)~iu';

    private const BESIDES = '~(?:[,+&(]|\bplus\b|\band\b)?\s*(?:\+\s*)?(?:some\s+|a\s+little\s+|a\s+bit\s+)?(?:more|extra)\b.*$~iu';

    private const BROWN = ['brown-sugar', 'coconut-sugar', 'molasses'];

    /**
     * @param  string  $text  of the line
     * @param  string  $heading  that it stands below
     */
    public static function of(Food $food, string $text, string $heading): self
    {
        // "1 cup sugar + more for rolling": the cup goes into the dough.
        $text = preg_replace(self::BESIDES, '', $text) ?? $text;
        $isHeaded = preg_match(self::HEADED, $heading) === 1;
        $isPowder = $food->texture === Texture::Powder;

        return match (true) {
            $isPowder && ($isHeaded || preg_match(self::DUSTED, $text) === 1) => self::Dusting,
            $isPowder => self::Powdered,
            $isHeaded, preg_match(self::OUTSIDE, $text) === 1 => self::Coating,
            in_array($food->key, self::BROWN, true) => self::Golden,
            default => self::Granulated,
        };
    }

    /** What stays on the outside must stay dry, and its sweetener is none of the mix. */
    public function isOutside(): bool
    {
        return $this === self::Coating || $this === self::Dusting;
    }
}
