<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use InvalidArgumentException;

/** How a bake came out, as far as the baker cares to say. */
final readonly class BakeNotes
{
    private const DIVIDER = '~^-{3,}\s*bake\s*$~mi';

    /**
     * @param  array<string, Judged>  $judged  by `Judged::THINGS`
     * @param  ?float  $minutes  in the oven
     * @param  ?float  $heat  °C
     * @param  ?float  $mass  grams after baking
     * @param  ?float  $pieces  that came out
     */
    public function __construct(
        public array $judged = [],
        public ?float $minutes = null,
        public ?float $heat = null,
        public ?float $mass = null,
        public ?float $pieces = null,
    ) {}

    /**
     * A recipe, a line "--- bake", and lines such as "browning: too much".
     *
     * @throws InvalidArgumentException
     */
    public static function parted(string $text): BakedText
    {
        $parts = preg_split(self::DIVIDER, $text, 2) ?: [$text];
        if (count($parts) < 2) {
            throw new InvalidArgumentException(
                'After the recipe there should be a line “--- bake”, and behind it how it came out.',
            );
        }

        return new BakedText($parts[0], self::read($parts[1]));
    }

    /** @throws InvalidArgumentException for a line that is not understood */
    public static function read(string $lines): self
    {
        [$judged, $numbers] = [[], ['minutes' => null, 'heat' => null, 'mass' => null, 'pieces' => null]];
        foreach (array_filter(array_map(trim(...), preg_split('~\R~u', $lines) ?: [])) as $line) {
            if (preg_match('~^(?<what>[\pL -]+?)(?:\s+after-?taste)?\s*:\s*(?<said>.+)$~u', $line, $m) !== 1) {
                throw new InvalidArgumentException(
                    "“{$line}” is not understood. Say it as “browning: too much” or “minutes: 35”.",
                );
            }
            $what = mb_strtolower(trim($m['what']));
            if (isset(Judged::THINGS[$what])) {
                $judged[$what] =
                    Judged::said($m['said']) ??
                    throw new InvalidArgumentException("“{$line}”: say “too little”, “right” or “too much”.");
            } elseif (array_key_exists($what, $numbers)) {
                $numbers[$what] =
                    self::number($what, $m['said']) ??
                    throw new InvalidArgumentException("“{$line}”: a number is wanted.");
            } else {
                throw new InvalidArgumentException(
                    "“{$what}” cannot be judged. What can: ".
                        implode(', ', [...array_keys(Judged::THINGS), ...array_keys($numbers)]).
                        '.',
                );
            }
        }

        return new self($judged, ...$numbers);
    }

    private static function number(string $what, string $said): ?float
    {
        if (preg_match('~^(\d+(?:[.,]\d+)?)\s*(.*)$~u', trim($said), $m) !== 1) {
            return null;
        }
        $value = (float) str_replace(',', '.', $m[1]);
        $unit = mb_strtolower(trim($m[2]));

        return match (true) {
            $what === 'heat' && preg_match('~^°?\s*f~u', $unit) === 1 => ($value - 32) / 1.8,
            $what === 'mass' && str_starts_with($unit, 'kg') => $value * 1000,
            $what === 'minutes' && preg_match('~^h~', $unit) === 1 => $value * 60,
            default => $value,
        };
    }
}
