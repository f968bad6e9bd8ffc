<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A pan named in the method; lengths in centimetres. */
final readonly class Pan
{
    private const CM_AN_INCH = 2.54;

    private const PATTERN = '~(?<![\d.])(?<a>\d{1,2}(?:[.,]\d+)?)\s?(?<u1>cm|-?\s?inch(?:es)?|-?in\b|["″])?(?:\s?(?:x|×|by)\s?(?<b>\d{1,2}(?:[.,]\d+)?)\s?(?<u2>cm|-?\s?inch(?:es)?|-?in\b|["″])?(?:\s?(?:x|×|by)\s?\d{1,2}(?:[.,]\d+)?\s?(?:cm|-?\s?inch(?:es)?|-?in\b|["″])?)?)?\s*-?(?<words>(?:[\pL-]+\s+){0,3}?)(?<what>pans?|tins?|dish|mould|mold|springform|ring|skillet|ramekins?|tray|sheet)\b~iu';

    private function __construct(public float $length, public float $width, public bool $isRound) {}

    public static function in(string $text): ?self
    {
        if (preg_match(self::PATTERN, $text, $m) !== 1 || ($m['u1'] === '' && $m['u2'] === '')) {
            return null;
        }
        $unit = $m['u1'] !== '' ? $m['u1'] : $m['u2'];
        $factor = stripos($unit, 'cm') === false ? self::CM_AN_INCH : 1.0;
        $a = Lexer::number($m['a']) * $factor;
        $b = $m['b'] === '' ? $a : Lexer::number($m['b']) * $factor;
        $round = $m['b'] === '' && preg_match('~square|loaf|rectang~i', $m['words'].$m['what']) !== 1;

        return $a < 3 ? null : new self($a, $b, $round);
    }

    /** cm² */
    public function area(): float
    {
        return $this->isRound ? M_PI * ($this->length / 2) ** 2 : $this->length * $this->width;
    }
}
