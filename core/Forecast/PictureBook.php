<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Range;
use Aglyca\Core\Quantity\Point;

/**
 * What the sweeteners and flours of the larder do, as series to draw: from the same rows that a forecast is computed
 * with.
 */
final readonly class PictureBook
{
    /** Whose lines are drawn: of each kind its plain form. */
    private const BROWNING = ['allulose', 'honey', 'sugar', 'maltodextrin'];

    private const SWEET = [
        'allulose',
        'erythritol',
        'xylitol',
        'tagatose',
        'maltitol',
        'isomalt',
        'blend-erythritol',
        'blend-allulose',
    ];

    private const THIRSTY = [
        'psyllium',
        'oat-fibre',
        'coconut-flour',
        'flaxseed-meal',
        'sesame-flour',
        'lupin-flour',
        'almond-flour-defatted',
        'oat-flour',
        'wheat-flour',
        'almond-flour',
        'hazelnut-flour',
        'whey-protein',
    ];

    public function __construct(private Larder $larder, private Constants $constants) {}

    /**
     * Minutes at each heat that brown a mix sweetened with it as far as sugar does in as many minutes at the reference.
     *
     * @return list<Series> °C, minutes
     */
    public function browning(float $minutes): array
    {
        $series = [];
        $sugar = $this->larder->typical($this->larder->get('sugar'), 'reducing') * $minutes;
        foreach (self::BROWNING as $key) {
            $food = $this->larder->plain($key);
            $reducing = $food === null ? 0.0 : $this->larder->typical($food, 'reducing');
            if ($food === null || $reducing <= 0) {
                continue;
            }
            $points = [];
            for ($heat = 140; $heat <= 200; $heat += 5) {
                $doublings =
                    ($heat - $this->constants->get('browning-reference')) / $this->constants->get('browning-doubling');
                $points[] = new Point((float) $heat, $sugar / $reducing / 2 ** $doublings);
            }
            $series[] = new Series($food, $points);
        }

        return $series;
    }

    /** @return list<Food> sweeteners that never brown by themselves */
    public function neverBrown(): array
    {
        return array_values(
            array_filter(
                array_map($this->larder->plain(...), self::SWEET),
                fn (?Food $f): bool => $f !== null && $this->larder->typical($f, 'reducing') <= 0,
            ),
        );
    }

    /** @return list<Point> °C, and the grams of erythritol that 100 g of water hold */
    public function dissolving(): array
    {
        $points = [];
        for ($celsius = 0; $celsius <= 60; $celsius += 5) {
            $points[] = new Point((float) $celsius, 100 * Solubility::atCelsius($celsius, $this->constants));
        }

        return $points;
    }

    /** @return list<FoodRange> grams as sweet as 100 g of sugar, the fewest first */
    public function sweetness(): array
    {
        $rows = [];
        foreach (self::SWEET as $key) {
            $food = $this->larder->plain($key);
            $range = $food === null ? null : $this->larder->property($food, 'sweetness');
            if ($food !== null && $range !== null && $range->low > 0) {
                $rows[] = new FoodRange($food, new Range(100 / $range->high, 100 / $range->typical, 100 / $range->low));
            }
        }
        usort($rows, static fn (FoodRange $a, FoodRange $b): int => $a->range->typical <=> $b->range->typical);

        return $rows;
    }

    /** @return list<FoodRange> grams of water that a gram takes up, the most first */
    public function thirst(): array
    {
        $rows = [];
        foreach (self::THIRSTY as $key) {
            $food = $this->larder->plain($key);
            $range = $food === null ? null : $this->larder->property($food, 'thirst');
            if ($food !== null && $range !== null) {
                $rows[] = new FoodRange($food, $range);
            }
        }
        usort($rows, static fn (FoodRange $a, FoodRange $b): int => $b->range->typical <=> $a->range->typical);

        return $rows;
    }
}
