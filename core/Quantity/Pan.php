<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

use Aglyca\Core\Reading\Lexer;
use InvalidArgumentException;

/** A pan; lengths in centimetres. */
final readonly class Pan
{
    private const CM_AN_INCH = 2.54;

    private const PATTERN = '~(?<![\d.])(?<a>\d{1,2}(?:[.,]\d+)?)\s?(?<u1>cm|-?\s?inch(?:es)?|-?in\b|["″])?(?:\s?(?:x|×|by)\s?(?<b>\d{1,2}(?:[.,]\d+)?)\s?(?<u2>cm|-?\s?inch(?:es)?|-?in\b|["″])?(?:\s?(?:x|×|by)\s?(?<c>\d{1,2}(?:[.,]\d+)?)\s?(?<u3>cm|-?\s?inch(?:es)?|-?in\b|["″])?)?)?\s*-?(?<words>(?:[\pL-]+\s+){0,3}?)(?<what>pans?|tins?|dish|mould|mold|springform|ring|skillet|ramekins?|tray|sheet)\b~iu';

    /** @param  ?float  $depth  null where it is not known */
    private function __construct(public float $length, public float $width, public bool $isRound, public ?float $depth = null) {}

    /** @throws InvalidArgumentException */
    public static function of(float $length, float $width, bool $isRound, ?float $depth = null): self
    {
        foreach ([$length, $isRound ? $length : $width, $depth ?? 5.0] as $side) {
            if (! ($side > 0 && $side <= 100)) {
                throw new InvalidArgumentException('A pan is measured in cm: above 0 and up to 100.');
            }
        }

        return new self($length, $isRound ? $length : $width, $isRound, $depth);
    }

    public static function in(string $text): ?self
    {
        $unit = preg_match(self::PATTERN, $text, $m) === 1 ? implode('', array_slice(array_filter([$m['u1'], $m['u2'], $m['u3']]), 0, 1)) : '';
        if ($unit === '') {
            return null;
        }
        $factor = stripos($unit, 'cm') === false ? self::CM_AN_INCH : 1.0;
        $a = Lexer::number($m['a']) * $factor;
        $b = $m['b'] === '' ? $a : Lexer::number($m['b']) * $factor;
        $round = $m['b'] === '' && preg_match('~square|loaf|rectang~i', $m['words'].$m['what']) !== 1;

        return $a < 3 ? null : new self($a, $b, $round, $m['c'] === '' ? null : Lexer::number($m['c']) * $factor);
    }

    /** @param  array{length: float, width: float, round: bool, depth: ?float}  $stored what `toArray()` gave */
    public static function fromArray(array $stored): self
    {
        return self::of((float) $stored['length'], (float) $stored['width'], (bool) $stored['round'], isset($stored['depth']) ? (float) $stored['depth'] : null);
    }

    /** @return array{length: float, width: float, round: bool, depth: ?float} */
    public function toArray(): array
    {
        return ['length' => $this->length, 'width' => $this->width, 'round' => $this->isRound, 'depth' => $this->depth];
    }

    /** cm² */
    public function area(): float
    {
        return $this->isRound ? M_PI * ($this->length / 2) ** 2 : $this->length * $this->width;
    }
}
