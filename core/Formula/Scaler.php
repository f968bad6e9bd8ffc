<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Quantity\Decimal;
use Aglyca\Core\Quantity\Estimate;
use InvalidArgumentException;

/** Makes more or less of a dessert: small things to the quarter spoon, the rest to the scale, eggs whole or weighed. */
final readonly class Scaler
{
    public const LEAST = 0.05;

    public const MOST = 20.0;

    public function __construct(private Larder $larder, private Snapper $snapper, private Constants $constants) {}

    public function scaled(Formula $formula, float $factor): Formula
    {
        return $factor === 1.0
            ? $formula
            : $formula->with(array_map(fn (Dose $d): Dose => $this->dose($d, $factor), $formula->doses));
    }

    /** A factor that may be used: what was asked for, within reason. */
    public static function factor(float $asked): float
    {
        return $asked >= self::LEAST && $asked <= self::MOST
            ? round($asked, 6)
            : throw new InvalidArgumentException(
                sprintf('As much as %s to %d times the recipe can be made at once.', self::LEAST, self::MOST),
            );
    }

    /** What is made where there is only so much of one thing. */
    public static function byIngredient(float $have, float $needed): float
    {
        return $needed > 0 && $have > 0
            ? self::factor($have / $needed)
            : throw new InvalidArgumentException('Grams that you have: a number above 0.');
    }

    public static function byPieces(float $wanted, float $makes): float
    {
        return $wanted > 0 && $makes > 0
            ? self::factor($wanted / $makes)
            : throw new InvalidArgumentException('Pieces that you want: a number above 0.');
    }

    /** Whole pieces of as much more or less. */
    public static function pieces(float $pieces, float $factor): float
    {
        return $factor === 1.0 ? $pieces : min((float) Portioning::MOST, max(1.0, round($pieces * $factor)));
    }

    /** Grams of a food as a kitchen measures them, and the text that reads back to them. */
    public function measured(Food $food, float $grams): Measured
    {
        $count = $this->wholeEggs($food, $grams);
        if ($count !== null) {
            $name = ($food->key === 'egg' ? 'large ' : '').mb_strtolower($food->name).($count > 1 ? 's' : '');

            return new Measured(
                Estimate::of($grams, $count * ($this->larder->portion($food, '')->u ?? 0.0)),
                "$count $name",
            );
        }
        $fine = $grams < $this->constants->get('fine-below');

        $halfWidth = min($grams, $this->constants->get($fine ? 'weighed-fine' : 'weighed'));

        return new Measured(Estimate::withHalfWidth($grams, $halfWidth), Decimal::plain($grams).' g '.$food->name);
    }

    /**
     * Factors near the one that was asked for at which every line of whole eggs stays whole.
     *
     * @return list<float> at most one below and one above; empty where eggs are whole already or there are none
     */
    public function wholeEggFactors(Formula $formula, float $factor): array
    {
        $counts = [];
        foreach ($formula->doses as $dose) {
            if ($dose->food?->role === Role::Egg && ($count = $this->wholeEggs($dose->food, $dose->mass())) !== null) {
                $counts[] = $count;
            }
        }
        $unit = array_reduce($counts, static function (int $a, int $b): int {
            while ($b !== 0) {
                [$a, $b] = [$b, $a % $b];
            }

            return $a;
        }, 0);
        $steps = $factor * $unit;
        if ($unit === 0 || abs($steps - round($steps)) < 1e-6) {
            return [];
        }

        return array_values(
            array_map(
                static fn (float $s): float => $s / $unit,
                array_filter([floor($steps), ceil($steps)], static fn (float $s): bool => $s >= 1),
            ),
        );
    }

    private function dose(Dose $dose, float $factor): Dose
    {
        if ($dose->food === null || $dose->grams === null) {
            return $dose->of(
                $dose->food,
                $dose->grams?->times($factor),
                $dose->food === null ? self::timesOver($dose->text, $factor) : $dose->text,
            );
        }
        $grams = $dose->mass() * $factor;
        if ($dose->food->role !== Role::Egg) {
            $grams = $this->snapper->snap($dose->food, $grams);
        }
        $measured = $this->measured($dose->food, $grams);

        return $dose->of($dose->food, $measured->grams, $measured->text);
    }

    /** "3 × 200 g glimmerroot": a thing that is not known keeps its words, and says how many times they hold. */
    private static function timesOver(string $text, float $factor): string
    {
        return preg_match('~\d|\p{No}~u', $text) === 1
            ? Decimal::plain($factor).' × '.preg_replace('~^[\s–—*•-]+~u', '', $text)
            : $text;
    }

    private function wholeEggs(Food $food, float $grams): ?int
    {
        $portion = $food->role === Role::Egg ? $this->larder->portion($food, '') : null;
        $count = $portion === null ? 0.0 : $grams / $portion->value;

        return $count >= 1 - 1e-6 && abs($count - round($count)) < 1e-6 ? (int) round($count) : null;
    }
}
