<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use DomainException;

/** The text cannot be taken for a recipe; the message tells the baker why and what to do. */
final class UnreadableRecipe extends DomainException
{
    public static function nothingThere(): self
    {
        return new self('There is no text yet. Paste a recipe: a title, the ingredients a line each, and the method.');
    }

    public static function tooLong(int $most): self
    {
        return new self(
            'That is more text than a recipe holds (more than '.
                number_format($most).
                ' characters). Paste one recipe only.',
        );
    }

    public static function tooManyLines(int $most): self
    {
        return new self("That is more than $most lines. Paste one recipe only.");
    }

    public static function tooManyThings(int $most): self
    {
        return new self("That is more than $most ingredients. Paste one recipe only.");
    }

    public static function tooManySteps(int $most): self
    {
        return new self("That is a method of more than $most steps. Paste one recipe only.");
    }

    public static function methodTooLong(int $most): self
    {
        return new self(
            'That is a longer method than a recipe has (more than '.number_format($most).
                ' characters). Paste one recipe only.',
        );
    }

    public static function notText(): self
    {
        return new self('That is not text: it looks like a picture or a program file. Paste the recipe as text.');
    }

    public static function fileTooLarge(int $mostBytes): self
    {
        return new self(
            'That file is larger than '.
                number_format($mostBytes / 1_000_000).
                ' MB. Save the recipe alone, or paste its text.',
        );
    }

    public static function brokenJson(): self
    {
        return new self(
            'That file begins like JSON but is broken off or damaged. Save it again, or paste the recipe as text.',
        );
    }

    public static function noRecipeInside(): self
    {
        return new self(
            'No recipe was found in it. Open it where you can read it and paste the title, the ingredients and the method as text.',
        );
    }

    public static function noIngredients(): self
    {
        return new self(
            'No ingredient was found. Put each ingredient on a line of its own with its amount, such as "200 g sugar".',
        );
    }
}
