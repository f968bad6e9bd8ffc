<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** How one thing came out. */
enum Judged: string
{
    case Little = 'little';
    case Right = 'right';
    case Much = 'much';

    /** What can be judged => its name. */
    public const THINGS = [
        'sweetness' => 'Sweetness',
        'cool' => 'Cool aftertaste',
        'bitter' => 'Bitter aftertaste',
        'grain' => 'Grittiness',
        'crumb' => 'Holding together',
        'chew' => 'Chew',
        'snap' => 'Snap',
        'rise' => 'Rise',
        'spread' => 'Spread',
        'browning' => 'Browning',
        'moistness' => 'Moistness',
        'egginess' => 'Egg to be tasted',
    ];

    public static function said(string $words): ?self
    {
        return match (true) {
            preg_match('~^(?:too )?(?:little|low|few)$~i', trim($words)) === 1 => self::Little,
            preg_match('~^(?:just )?(?:right|fine|good|ok)$~i', trim($words)) === 1 => self::Right,
            preg_match('~^(?:too )?(?:much|high|many)$~i', trim($words)) === 1 => self::Much,
            default => null,
        };
    }

    public function words(): string
    {
        return $this === self::Right ? 'right' : 'too '.$this->value;
    }
}
