<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** A word that is a verb here, though it is a food elsewhere: "Butter the tin", "cream together". */
final readonly class FoodVerb
{
    private const BEFORE = '~(?:^|[.;:!,&]\s*|\band\s+|\bthen\s+|\bor\s+)$~iu';

    private const BEHIND = '~^\s+(?:the\b|(?:and|&)\s+(?:line\b|(?:flour|dust|sugar)\s+(?:the\b|an?\b|your\b|two\b|both\b|\d))|an?\b|your\b|or\s+line|\d)~iu';

    /** Creaming is a verb before these as well. */
    private const CREAMING = '~^\s+(?:together|until|two|both|butter|margarine|shortening|unsalted|soft|all)\b~iu';

    private const WORDS = [
        'mash',
        'butter',
        'cream',
        'flour',
        'sugar',
        'salt',
        'oil',
        'egg',
        'ice',
        'water',
        'spice',
        'zest',
        'juice',
        'grease',
        'brown',
    ];

    private function __construct() {}

    public static function is(string $word, string $text, int $at, int $end): bool
    {
        return in_array($word, self::WORDS, true) &&
            preg_match('~^\s+\d+(?:\s?(?:-|–|to)\s?\d+)?\s*(?:min|sec|hour|hr)~iu', substr($text, $end)) !== 1 &&
            preg_match(self::BEFORE, substr($text, 0, $at)) === 1 &&
            (preg_match(self::BEHIND, substr($text, $end)) === 1 ||
                ($word === 'cream' && preg_match(self::CREAMING, substr($text, $end)) === 1));
    }
}
