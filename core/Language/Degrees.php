<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** Heats in any form: "180 °C", "350F", "180-190 degrees C", "fan oven at 160", "Gas Mark ½", and bare figures. */
final readonly class Degrees
{
    private const MOST_MARK = 10;

    /** Bare figures below this are no heat of an oven. */
    private const COOLEST = 50;

    /** Nothing that one counts, weighs or measures is a heat. */
    private const COUNTED = [
        '<mass>', '<length>', '<energy>', '<time>', '<share>', '<times>', '<power>', '<counted>', '<inches>',
    ];

    public function __construct(private Numbers $numbers) {}

    /** @param  list<Token>  $tokens */
    public function at(array $tokens, int $i): ?Degree
    {
        $token = $tokens[$i];

        return match (true) {
            isset($token->forms['<gas>']), isset($token->forms['<mark>']) => $this->gas($tokens, $i),
            isset($token->forms['<fan>']) => $this->fanBefore($tokens, $i),
            default => $this->degrees($tokens, $i),
        };
    }

    /** @param  list<Token>  $tokens */
    private function gas(array $tokens, int $i): ?Degree
    {
        $isMark = isset($tokens[$i]->forms['<mark>']);
        if ($isMark && ($tokens[$i - 1]->word ?? '') !== 'at') {
            // "mark" alone is what one does with a knife.
            return null;
        }
        do {
            $i++;
        } while (isset($tokens[$i]) && (isset($tokens[$i]->forms['<mark>']) || isset($tokens[$i]->forms['<numero>']) || $tokens[$i]->word === '.'));
        $number = $this->numbers->at($tokens, $i);

        return $number !== null && $number->value > 0 && $number->value <= self::MOST_MARK
            ? new Degree($number->value, 'gas', true, false, false, $number->end)
            : null;
    }

    /** @param  list<Token>  $tokens */
    private function fanBefore(array $tokens, int $i): ?Degree
    {
        do {
            $i++;
        } while (isset($tokens[$i]) && (isset($tokens[$i]->forms['oven']) || in_array($tokens[$i]->word, ['at', 'to'], true)));
        $degree = isset($tokens[$i]) ? $this->degrees($tokens, $i) : null;

        return $degree === null
            ? null
            : new Degree($degree->number, $degree->scale, $degree->isSigned, true, $degree->isRange, $degree->end);
    }

    /** @param  list<Token>  $tokens */
    private function degrees(array $tokens, int $i): ?Degree
    {
        if (! self::isFigure($tokens, $i)) {
            return null;
        }
        $isRange = isset($tokens[$i + 1]) && isset($tokens[$i + 1]->forms['<range-joiner>'])
            && self::isFigure($tokens, $i + 2) && $tokens[$i + 1]->word !== 'or';
        $end = $isRange ? $i + 3 : $i + 1;
        $isSigned = false;
        while (isset($tokens[$end]) && isset($tokens[$end]->forms['<degree>'])) {
            $isSigned = true;
            $end++;
            $end += ($tokens[$end]->word ?? '') === '.' && $tokens[$end - 1]->word === 'deg' ? 1 : 0;
        }
        $scale = match (true) {
            ! isset($tokens[$end]) => '',
            isset($tokens[$end]->forms['<fahrenheit>']) => 'F',
            isset($tokens[$end]->forms['<celsius>']) => 'C',
            default => '',
        };
        $end += $scale === '' ? 0 : 1;
        $behindFan = self::fanBehind($tokens, $end);
        $isBare = ! $isSigned && $scale === '';
        if ($isBare && (($isRange && $behindFan === $end) || ! $this->mayBeHeat($tokens, $i, $behindFan))) {
            return null;
        }

        return new Degree(
            (float) $tokens[$i]->number, $scale, $isSigned || $scale !== '', $behindFan !== $end, $isRange, $behindFan,
        );
    }

    /**
     * Bare figures, behind which stands nothing that is counted.
     *
     * @param  list<Token>  $tokens
     */
    private function mayBeHeat(array $tokens, int $i, int $end): bool
    {
        $next = $tokens[$end] ?? null;

        return $tokens[$i]->number >= self::COOLEST && ($next === null
            || (array_intersect_key($next->forms, array_flip(self::COUNTED)) === []
                && ! ($next->at === $tokens[$end - 1]->end() && ctype_alpha($next->raw[0]))));
    }

    /**
     * Two or three figures, no part of a fraction.
     *
     * @param  list<Token>  $tokens
     */
    private static function isFigure(array $tokens, int $i): bool
    {
        $token = $tokens[$i] ?? null;
        $length = strlen($token->raw ?? '');

        return $token !== null && $token->number !== null && ctype_digit($token->raw) && ($length === 2
            || $length === 3)
            && ! (in_array($tokens[$i - 1]->word ?? '', ['/', '⁄'], true)
                && isset($tokens[$i - 2]) && $tokens[$i - 2]->number !== null && strlen($tokens[$i - 2]->raw) === 1);
    }

    /**
     * "fan", "(fan oven)", "fan-forced"; none of this where the fan's own figure follows.
     *
     * @param  list<Token>  $tokens
     */
    private static function fanBehind(array $tokens, int $i): int
    {
        $at = ($tokens[$i]->word ?? '') === '(' ? $i + 1 : $i;
        $opened = $at !== $i;
        if (! isset($tokens[$at]) || ! isset($tokens[$at]->forms['<fan>'])) {
            return $i;
        }
        do {
            $at++;
        } while (isset($tokens[$at]) && (isset($tokens[$at]->forms['oven']) || isset($tokens[$at]->forms['force'])));
        $next = ($tokens[$at]->word ?? '') === ':' ? $at + 1 : $at;
        if (self::isFigure($tokens, $next) && strlen($tokens[$next]->raw) === 3) {
            return $i;
        }
        $closes = ($tokens[$at]->word ?? '') === ')';

        return $opened && ! $closes ? $i : ($closes && $opened ? $at + 1 : $at);
    }
}
