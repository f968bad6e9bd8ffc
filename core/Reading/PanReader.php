<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\Pan;
use InvalidArgumentException;

/** Finds the pan that a text names: "a 20 cm springform", "9x13-inch pan", "a 2 lb loaf tin" says none. */
final readonly class PanReader
{
    private const CM_AN_INCH = 2.54;

    private const SMALLEST = 3.0;

    private string $pattern;

    public function __construct(private Words $words)
    {
        $unit = '(?<u%1$d>cm|-?\s?inch(?:es)?|-?in\b|["″])?';
        $side = '(?<%2$s>\d{1,2}(?:[.,]\d+)?)\s?'.$unit;
        $by = '\s?(?:x|×|by)\s?';
        $this->pattern = '~(?<![\d.])'.sprintf($side, 1, 'a')
            .'(?:'.$by.sprintf($side, 2, 'b').'(?:'.$by.sprintf($side, 3, 'c').')?)?'
            .'\s*-?(?<words>(?:[\pL-]+\s+){0,3}?)'
            .'(?<what>pans?|tins?|dish|mould|mold|springform|ring|skillet|ramekins?|tray|sheet)\b~iu';
    }

    public function in(string $text): ?Pan
    {
        if (preg_match($this->pattern, $text, $m) !== 1) {
            return null;
        }
        $unit = array_values(array_filter([$m['u1'], $m['u2'], $m['u3']]))[0] ?? '';
        if ($unit === '') {
            return null;
        }
        $factor = stripos($unit, 'cm') === false ? self::CM_AN_INCH : 1.0;
        $side = fn (string $written): float => $this->words->number($written) * $factor;
        $depth = $m['c'] === '' ? null : $side($m['c']);
        try {
            return match (true) {
                $side($m['a']) < self::SMALLEST => null,
                $m['b'] !== '' => Pan::rectangular($side($m['a']), $side($m['b']), $depth),
                preg_match('~square|loaf|rectang~i', $m['words'].$m['what']) === 1 => Pan::rectangular(
                    $side($m['a']),
                    $side($m['a']),
                    $depth,
                ),
                default => Pan::round($side($m['a']), $depth),
            };
        } catch (InvalidArgumentException) {
            return null;
        }
    }
}
