<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;

/**
 * A dessert's blend as a point between three sweeteners, by shares of the sweetness, and the parts of the
 * triangle where a row breaks. The rows are linear in the shares, so each such part is an exact polygon.
 */
final readonly class Triangle
{
    public const SPOKEN = [
        'browning' => 'too brown',
        'grain' => 'grainy',
        'cool' => 'cold on the tongue',
        'tolerance' => 'more than a stomach takes',
        'body' => 'no body',
    ];

    private const FILLERS = ['allulose', 'erythritol-powdered', 'monk-fruit-extract', 'xylitol'];

    /**
     * @param  list<Food>  $corners  three
     * @param  list<float>  $bead  shares of the corners
     * @param  list<Region>  $regions
     */
    private function __construct(
        public array $corners,
        public array $bead,
        public array $regions,
        public bool $isSet,
    ) {}

    /**
     * Null where the dessert has no sugar to swap, or the kitchen refuses so much that no three sweeteners are left.
     */
    public static function of(?Chosen $choice, Larder $larder, Wishes $wishes): ?self
    {
        if ($choice === null) {
            return null;
        }
        $own = [];
        $total = 0.0;
        foreach ($choice->problem->component->candidates->offers as $j => $v) {
            if ($v->purpose === Purpose::Sweet && $v->form === self::form($choice)) {
                $sweet = $choice->grams($j) * $larder->typical($v->food, 'sweetness');
                $own[$v->food->key] = [$j, $sweet];
                $total += $sweet;
            }
        }
        if ($own === [] || count($own) > 3 || $total <= 0) {
            return null;
        }
        foreach (self::FILLERS as $key) {
            if (count($own) < 3 && ! isset($own[$key]) && ! in_array($key, $wishes->kitchen->refused, true)) {
                $own[$key] = [null, 0.0];
            }
        }
        if (count($own) < 3) {
            return null;
        }
        $corners = array_map(static fn (string $key): Food => $larder->get($key), array_keys($own));
        $bead = array_map(static fn (array $o): float => $o[1] / $total, array_values($own));

        return new self(
            $corners,
            $bead,
            self::regions($choice, array_values($own), $corners, $total, $larder),
            $wishes->blend->shares !== [],
        );
    }

    /** The form in which most of the sugar is swapped. */
    private static function form(Chosen $choice): SugarForm
    {
        foreach (SugarForm::cases() as $form) {
            if ($choice->problem->component->sorting->sugars[$form->value] !== []) {
                return $form;
            }
        }

        return SugarForm::Granulated;
    }

    /**
     * @param  list<array{?int, float}>  $own  variable and sweetness now, by corner
     * @param  list<Food>  $corners
     * @return list<Region>
     */
    private static function regions(Chosen $choice, array $own, array $corners, float $total, Larder $larder): array
    {
        $regions = [];
        foreach ($choice->programme->rows as $row) {
            if (! isset(self::SPOKEN[$row->key])) {
                continue;
            }
            $over = [];
            foreach ($corners as $n => $food) {
                if ($own[$n][0] === null) {
                    continue 2;
                }
                $value = 0.0;
                foreach ($choice->problem->component->candidates->offers as $j => $v) {
                    $grams = $choice->solution->grams[$j];
                    foreach ($own as $k => [$mine]) {
                        if ($mine === $j) {
                            $grams = ($k === $n ? $total / $larder->typical($food, 'sweetness') : 0.0) - $v->base;
                        }
                    }
                    $value += $row->coefficients[$j] * $grams;
                }
                $over[] = is_finite($row->high) && $row->key !== 'body' ? $value - $row->high : $row->low - $value;
            }
            $points = self::clip($over);
            if ($points !== []) {
                $regions[] = new Region($row->key, self::SPOKEN[$row->key], $points);
            }
        }

        return $regions;
    }

    /**
     * The part of the triangle where a linear form, given by its values at the corners, is above zero.
     *
     * @param  list<float>  $over
     * @return list<list<float>> shares of its corners; none where there is no such part
     */
    public static function clip(array $over): array
    {
        $unit = [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]];
        $points = [];
        for ($i = 0; $i < 3; $i++) {
            $next = ($i + 1) % 3;
            if ($over[$i] > 0) {
                $points[] = $unit[$i];
            }
            if (($over[$i] > 0) !== ($over[$next] > 0)) {
                $t = $over[$i] / ($over[$i] - $over[$next]);
                $points[] = array_map(
                    static fn (float $a, float $b): float => $a + $t * ($b - $a),
                    $unit[$i],
                    $unit[$next],
                );
            }
        }

        return $points;
    }
}
