<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;

/** The form of a sugar, which what takes its place has too; the value is a column of `data/sweetener_mixes.csv`. */
enum SugarForm: string
{
    case Granulated = 'food';
    case Powdered = 'powdered';
    case Golden = 'golden';
    case Coating = 'coating';
    case Dusting = 'dusting';
    case Caramel = 'caramel';

    /** It stays on the outside, whatever sweetens the dough. */
    private const OUTSIDE = '~\b(?:to|for)\s+(?:the\s+)?(?:coat|roll|sprinkl|toss)(?:e|ing)?\b(?!\s+out)|\bfor\s+(?:the\s+)?(?:top|tops|outside)\b~iu';

    private const DUSTED = '~\b(?:to|for)\s+(?:the\s+)?(?:dust|roll|coat|sprinkl|finish|decorat)(?:e|ing)?\b(?!\s+out)~iu';

    /** "To roll:", "Coating", "For the cinnamon sugar": all that stands below it is for the outside. */
    private const HEADED = '~^\W*(?:to\s+(?:roll|coat|dust|sprinkle|toss)\b|(?:for\s+(?:the\s+)?)?(?:\pL+\s+)?(?:coating|rolling|dusting|sprinkling|cinnamon\s+sugar)\W*$)~iu';

    private const BESIDES = '~(?:[,+&(]|\bplus\b|\band\b)?\s*(?:\+\s*)?(?:some\s+|a\s+little\s+|a\s+bit\s+)?(?:more|extra)\b.*$~iu';

    private const BROWN = ['brown-sugar', 'coconut-sugar', 'molasses'];

    /** @param  Dose  $dose  of a food, one of the formula's */
    public static function of(Formula $formula, Dose $dose): self
    {
        [$food, $text] = [$dose->known(), $dose->text];
        // What lies in the basin as a syrup stays soft of what caramel is made of.
        if ($dose->isCaramel() || $dose->isLaid()) {
            return self::Caramel;
        }
        // "1 cup sugar + more for rolling": the cup goes into the dough.
        if (preg_match('~more|extra~i', $text) === 1) {
            $text = preg_replace(self::BESIDES, '', $text) ?? $text;
        }
        $isHeaded = preg_match(self::HEADED, $formula->components[$dose->component] ?? '') === 1 ||
            ($dose->component > 0 && self::isSprinkled($formula, $dose->component));
        $isPowder = $food->texture === Texture::Powder;

        return match (true) {
            $isPowder && ($isHeaded || $dose->isDusted() || preg_match(self::DUSTED, $text) === 1) => self::Dusting,
            $isPowder => self::Powdered,
            $isHeaded, preg_match(self::OUTSIDE, $text) === 1 => self::Coating,
            in_array($food->key, self::BROWN, true) => self::Golden,
            default => self::Granulated,
        };
    }

    /** Of the mix it takes only what suits, and no more of the rest. */
    public function isNarrow(): bool
    {
        return $this->isOutside() || $this === self::Caramel;
    }

    /** What stays on the outside must stay dry, and its sweetener is none of the mix. */
    public function isOutside(): bool
    {
        return $this === self::Coating || $this === self::Dusting;
    }

    /** A part of sugar and spice alone is no icing: it is strewn on. */
    private static function isSprinkled(Formula $formula, int $component): bool
    {
        $isWet = static fn (Dose $d): bool => ! in_array($d->food?->role, [Role::Sweet, Role::Flavour], true) ||
            $d->food->isLiquid();

        return array_filter(
            $formula->doses,
            static fn (Dose $d): bool => $d->component === $component && $isWet($d),
        ) === [];
    }
}
