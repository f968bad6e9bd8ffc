<?php

declare(strict_types=1);

namespace Aglyca\Core\Writing;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Tables;
use OutOfBoundsException;

/** Says grams in cups, spoons and eggs, to the nearest that a kitchen has. */
final readonly class KitchenMeasure
{
    /** A measure may be off by this share before spoons are added to it. */
    private const CLOSE = 0.04;

    private const FRACTIONS = [
        '0' => 0.0,
        '⅛' => 0.125,
        '¼' => 0.25,
        '⅓' => 1 / 3,
        '½' => 0.5,
        '⅔' => 2 / 3,
        '¾' => 0.75,
    ];

    /** @param  array<string, float>  $sizes  ml of a cup, a tablespoon, a teaspoon and a pinch */
    private function __construct(private Larder $larder, private array $sizes) {}

    /** @param  string  $system  of `data/measuring_systems.csv`; "" for that of `data/units.csv` */
    public static function of(Larder $larder, UnitTable $units, Tables $tables, string $system): self
    {
        $sizes = [];
        foreach (['cup', 'tbsp', 'tsp', 'pinch'] as $unit) {
            $sizes[$unit] = $units->get($unit)->size;
        }
        foreach ($tables->rows('measuring_systems') as $row) {
            if ($row['system'] === $system && isset($sizes[$row['unit']])) {
                $sizes[$row['unit']] = (float) $row['ml'];
            }
        }

        return new self($larder, $sizes);
    }

    public function say(Food $food, float $grams): string
    {
        if ($grams <= 0) {
            return 'none';
        }
        if ($food->role === Role::Egg) {
            return $this->eggs($food, $grams);
        }
        $ml = $grams / $this->larder->density($food)->gramsPerMl;
        ['cup' => $cup, 'tbsp' => $tbsp, 'tsp' => $tsp] = $this->sizes;

        return match (true) {
            $ml >= $cup / 4 * 0.95 => $this->cups($ml / $cup, $cup / $tbsp),
            $ml >= $tbsp * 0.95 => $this->spoons($ml / $tbsp, $tbsp / $tsp),
            $ml >= $tsp / 4 * 0.9 => self::fraction($ml / $tsp, ['0', '¼', '½', '¾']).' tsp',
            $ml >= $tsp / 8 * 0.75 => '⅛ tsp',
            $ml >= $this->sizes['pinch'] * 0.6 => 'a pinch',
            default => 'less than a pinch',
        };
    }

    /** Cups to the nearest fraction; where that is off by much, the fraction below it and tablespoons. */
    private function cups(float $cups, float $spoonsACup): string
    {
        $fractions = ['0', '¼', '⅓', '½', '⅔', '¾'];
        $nearest = self::fraction($cups, $fractions);
        if (abs(self::value($nearest) - $cups) <= self::CLOSE * $cups) {
            return $this->plural($nearest, 'cup');
        }
        $below = max(
            array_filter(
                array_map(static fn (string $f): float => floor($cups) + self::FRACTIONS[$f], $fractions),
                static fn (float $v): bool => $v <= $cups,
            ) ?: [0.0],
        );
        $spoons = round(($cups - $below) * $spoonsACup * 2) / 2;
        if ($below <= 0 || $spoons < 0.5) {
            return $this->plural($nearest, 'cup');
        }

        return $this->plural(self::fraction($below, $fractions), 'cup').
            ' + '.
            self::fraction($spoons, ['0', '½']).
            ' tbsp';
    }

    /** Tablespoons to the half; where that is off by much, whole ones and teaspoons. */
    private function spoons(float $spoons, float $small): string
    {
        $nearest = self::fraction($spoons, ['0', '½']);
        $rest = round(($spoons - floor($spoons)) * $small * 2) / 2;

        return abs(self::value($nearest) - $spoons) <= self::CLOSE * $spoons || $rest < 0.5 || $rest >= $small
            ? "$nearest tbsp"
            : floor($spoons).' tbsp + '.self::fraction($rest, ['0', '½']).' tsp';
    }

    private static function value(string $count): float
    {
        $sign = ltrim($count, '0123456789');

        return (float) substr($count, 0, strlen($count) - strlen($sign)) + self::FRACTIONS[$sign === '' ? '0' : $sign];
    }

    private function eggs(Food $food, float $grams): string
    {
        $each = $this->larder->portion($food, '')
            ?? throw new OutOfBoundsException("data/portions.csv needs the mass of one $food->name.");
        $count = self::fraction($grams / $each->value, ['0', '½']);

        return $food->key === 'egg' ? "$count large" : $count;
    }

    private function plural(string $count, string $unit): string
    {
        return preg_match('/^[⅛¼⅓½⅔¾]$|^1$/u', $count) === 1 ? "$count $unit" : "$count {$unit}s";
    }

    /** @param  list<string>  $allowed */
    private static function fraction(float $value, array $allowed): string
    {
        $whole = (int) floor($value);
        $best = ['', INF];
        foreach ([$whole, $whole + 1] as $base) {
            foreach ($allowed as $sign) {
                $distance = abs($base + self::FRACTIONS[$sign] - $value);
                if ($distance < $best[1]) {
                    $best = [($base > 0 ? (string) $base : '').($sign === '0' ? '' : $sign), $distance];
                }
            }
        }

        return $best[0] === '' ? $allowed[1] : $best[0];
    }
}
