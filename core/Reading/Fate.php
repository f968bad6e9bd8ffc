<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** What a row of a recipe's text was taken for. */
enum Fate: string
{
    case Title = 'title';
    case Yield = 'yield';
    case Heading = 'heading';
    case Ingredient = 'ingredient';
    case Step = 'step';
    case Note = 'note';
    case Chatter = 'chatter';

    public function label(): string
    {
        return match ($this) {
            self::Title => 'title',
            self::Yield => 'how many',
            self::Heading => 'heading',
            self::Ingredient => 'ingredient',
            self::Step => 'step',
            self::Note => 'note',
            self::Chatter => 'not part of it',
        };
    }
}
