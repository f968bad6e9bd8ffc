<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Tables;

/**
 * Water activity of a mix: Norrish (1966) for each solute, a_w = x_w · exp(−K · x_s²), and Ross' (1975) product for
 * the mixture. What the water at 25 °C does not hold is crystals and binds none. Good for what is moist, to about
 * 0.75.
 */
final readonly class WaterActivity
{
    private const WATER = 'water';

    private const SALT = 'salt';

    /** @var array<string, array<string, float>> solute => molar mass g/mol, k, solubility g in 100 g of water, ions */
    private array $solutes;

    /** @var array<string, string> food => which sugar its sugars mostly are */
    private array $sugars;

    public function __construct(Tables $tables)
    {
        $this->solutes = $tables->worked('solutes', static fn (): array => array_map(
            static fn (array $row): array => array_map(floatval(...), array_intersect_key(
                $row,
                ['molar' => '', 'k' => '', 'solubility' => '', 'ions' => ''],
            )),
            $tables->keyed('solutes', 'solute'),
        ));
        $this->sugars = $tables->pairs('food_sugars', 'sugar', 'food');
    }

    /**
     * @param  iterable<Dose>  $doses
     * @param  float  $evaporated  g of water that went into the air
     * @return float 1 for pure water; 0 where no water is left
     */
    public function of(iterable $doses, float $evaporated = 0.0): float
    {
        $water = -$evaporated;
        $grams = [];
        foreach ($doses as $dose) {
            if ($dose->food === null) {
                continue;
            }
            $water += $dose->mixed() * $dose->food->per100->water / 100;
            foreach ($this->dissolving($dose->food) as $solute => $in100) {
                $grams[$solute] = ($grams[$solute] ?? 0.0) + $dose->mixed() * $in100 / 100;
            }
        }

        return $water > 0 ? $this->ofSolution($grams, $water) : 0.0;
    }

    /** @param  array<string, float>  $grams  by solute */
    public function ofSolution(array $grams, float $water): float
    {
        $activity = 1.0;
        foreach ($grams as $solute => $mass) {
            $of = $this->solutes[$solute] ?? null;
            if ($of === null || $mass <= 0) {
                continue;
            }
            $dissolved = min($mass, $of['solubility'] * $water / 100);
            $moles = $of['ions'] * $dissolved / $of['molar'];
            $share = $moles / ($moles + $water / $this->solutes[self::WATER]['molar']);
            $activity *= (1 - $share) * exp(-$of['k'] * $share ** 2);
        }

        return $activity;
    }

    /** @return array<string, float> solute => g in 100 g of the food */
    private function dissolving(Food $food): array
    {
        $n = $food->per100;
        $isMilk = in_array('milk', $food->allergens, true);
        $sugar = $this->sugars[$food->key] ?? ($isMilk ? 'lactose' : ($food->acids !== [] ? 'glucose' : 'sucrose'));
        $found = [...$n->polyols, 'allulose' => $n->allulose, self::SALT => $n->salt, 'alcohol' => $n->alcohol];
        $found[$sugar] = ($found[$sugar] ?? 0.0) + $n->sugars;

        return $found;
    }
}
