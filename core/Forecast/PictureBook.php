<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;

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
     * @return array{series: list<array{food: Food, points: list<array{float, float}>}>, never: list<Food>} points: °C,
     *     minutes
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
                $points[] = [
                    (float) $heat,
                    $sugar /
                    $reducing /
                    2 **
                        (($heat - $this->constants->get('browning-reference')) /
                            $this->constants->get('browning-doubling')),
                ];
            }
            $series[] = ['food' => $food, 'points' => $points];
        }

        return [
            'series' => $series,
            'never' => array_values(
                array_filter(
                    array_map($this->larder->plain(...), self::SWEET),
                    fn (?Food $f): bool => $f !== null && $this->larder->typical($f, 'reducing') <= 0,
                ),
            ),
        ];
    }

    /** @return list<array{float, float}> °C, and the grams of erythritol that 100 g of water hold */
    public function dissolving(): array
    {
        $points = [];
        for ($celsius = 0; $celsius <= 60; $celsius += 5) {
            $points[] = [(float) $celsius, 100 * Solubility::atCelsius($celsius, $this->constants)];
        }

        return $points;
    }

    /**
     * @return list<array{food: Food, low: float, typical: float, high: float}> grams as sweet as 100 g of sugar, the
     *     fewest first
     */
    public function sweetness(): array
    {
        $rows = [];
        foreach (self::SWEET as $key) {
            $food = $this->larder->plain($key);
            $range = $food === null ? null : $this->larder->property($food, 'sweetness');
            if ($food !== null && $range !== null && $range->low > 0) {
                $rows[] = [
                    'food' => $food,
                    'low' => 100 / $range->high,
                    'typical' => 100 / $range->typical,
                    'high' => 100 / $range->low,
                ];
            }
        }
        usort($rows, static fn (array $a, array $b): int => $a['typical'] <=> $b['typical']);

        return $rows;
    }

    /**
     * @return list<array{food: Food, low: float, typical: float, high: float}> grams of water that a gram takes up,
     *     the most first
     */
    public function thirst(): array
    {
        $rows = [];
        foreach (self::THIRSTY as $key) {
            $food = $this->larder->plain($key);
            $range = $food === null ? null : $this->larder->property($food, 'thirst');
            if ($food !== null && $range !== null) {
                $rows[] = ['food' => $food, 'low' => $range->low, 'typical' => $range->typical, 'high' => $range->high];
            }
        }
        usort($rows, static fn (array $a, array $b): int => $b['typical'] <=> $a['typical']);

        return $rows;
    }
}
