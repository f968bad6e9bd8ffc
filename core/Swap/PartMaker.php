<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\KitchenMeasure;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Estimate;

/** Works out the grams of what is swapped in, snapped to what a kitchen measures. */
final readonly class PartMaker
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private Snapper $snapper,
        private KitchenMeasure $measures,
        private Constants $constants,
    ) {}

    /**
     * @param  list<Dose>  $doses
     * @param  string  $form  "", "powdered" or "golden"
     * @return list<Part>
     */
    public function forSugars(array $doses, string $form, Wishes $wishes): array
    {
        $sweetness = 0.0;
        $water = 0.0;
        foreach ($doses as $dose) {
            $sweetness += $dose->mass() * $this->larder->typical($dose->food, 'sweetness');
            $water += $dose->food->isLiquid() ? $dose->food->nutrients($dose->mass())->water : 0.0;
        }
        $parts = $this->sweetened($sweetness * $wishes->sweetness, $form, $wishes);
        if ($water >= $this->constants->get('scale-step')) {
            $parts[] = $this->part('water', $water, 'the water that was in the syrup');
        }

        return $parts;
    }

    /** @param  list<Dose>  $doses */
    public function forFlours(array $doses, string $school, bool $hasEggs): FlourSwap
    {
        $flour = 0.0;
        $parts = [];
        foreach ($doses as $dose) {
            $flour += $dose->mass() * $this->larder->typical($dose->food, 'flour-equivalent');
            foreach ($this->schools->single($dose->food->key) as $row) {
                $parts[] = $this->part($row['to'], $dose->mass() * (float) $row['ratio'], $row['why']);
            }
        }
        [$egg, $fat, $main] = [0.0, 0.0, ''];
        foreach ($this->schools->parts($school) as $row) {
            if (! in_array($row['when'], ['always', $hasEggs ? 'with-eggs' : 'without-eggs'], true)) {
                continue;
            }
            $grams = $flour / 100 * (float) $row['grams_per_100g_flour'];
            if ($row['food'] === 'egg') {
                $egg = $grams;

                continue;
            }
            $part = $this->part($row['food'], $grams, $row['why']);
            $main = $main === '' ? $row['food'] : $main;
            $fat += $part->food->nutrients($part->grams)->fat * ($this->larder->property($part->food, 'brings-fat') === null ? 0.0 : 1.0);
            $parts[] = $part;
        }
        if (! $hasEggs && $egg >= $this->constants->get('egg-worth-adding')) {
            $parts[] = $this->part('egg', $egg, 'holds what the flour held');
        }
        $row = $this->schools->school($school);

        return new FlourSwap($parts, $egg, $fat, (float) $row['lift_factor'], $row['sentence'], $main);
    }

    /** @return list<Part> */
    public function forSingle(Dose $dose, Wishes $wishes): array
    {
        $parts = [];
        foreach ($this->schools->single($dose->food->key) as $row) {
            $grams = $dose->mass() * (float) $row['ratio'];
            if ($row['to'] === '~sweet') {
                array_push($parts, ...$this->sweetened($grams * $wishes->sweetness, '', $wishes));

                continue;
            }
            $parts[] = $this->part($row['to'] === '~flour' ? $this->schools->parts($wishes->school)[0]['food'] : $row['to'], $grams, $row['why']);
        }

        return $parts;
    }

    /**
     * The share of the added fat that may go, since the nut flour brings its own.
     *
     * @param  list<Dose>  $doses
     * @return float 0 to 1
     */
    public function fatCut(array $doses, FlourSwap $flour): float
    {
        $fat = 0.0;
        foreach ($doses as $dose) {
            if ($dose->food !== null && $this->isAddedFat($dose->food)) {
                $fat += $dose->food->nutrients($dose->mass())->fat;
            }
        }
        if ($fat <= 0) {
            return 0.0;
        }

        return min($this->constants->get('butter-cut-most'), $flour->fat * $this->constants->get('butter-cut-share') / $fat);
    }

    public function isAddedFat(Food $food): bool
    {
        return $food->role === Role::Fat && $food->per100->fat > $this->constants->get('fat-food') && $food->per100->protein < 5;
    }

    public function lessFat(Dose $dose, float $cut, FlourSwap $flour): Part
    {
        $part = $this->part($dose->food->key, $dose->mass() * (1 - $cut), '');
        $less = $dose->mass() - $part->grams;

        return new Part($part->food, $part->grams, $part->measure, sprintf('%.0f g less: the %s brings %.0f g of fat', $less, mb_strtolower((string) $this->larder->plain($flour->flour)?->name), $flour->fat));
    }

    public function moreEgg(Dose $dose, float $grams): Part
    {
        $each = $this->larder->portion($dose->food, '')->value;
        $part = $this->part('egg', $dose->mass() + $grams, '');
        $more = (int) round(($part->grams - $dose->mass()) / $each);

        return new Part($part->food, $part->grams, $part->measure, match (true) {
            $more < 1 => 'unchanged',
            $more === 1 => 'one more to hold the crumb',
            default => "$more more to hold the crumb",
        });
    }

    public function moreLift(Dose $dose, FlourSwap $flour): Part
    {
        return $this->part($dose->food->key, $dose->mass() * $flour->lift, 'the new flours are heavier to lift');
    }

    /** What the swapped side reads as, so that it counts the same when it is read back. */
    public function dose(Part $part, int $component): Dose
    {
        if ($part->food->role === Role::Egg) {
            $portion = $this->larder->portion($part->food, '');
            $count = (int) round($part->grams / $portion->value);

            return new Dose($count.' '.($part->food->key === 'egg' ? 'large ' : '').mb_strtolower($part->food->name).($count > 1 ? 's' : ''), $part->food, Estimate::of($part->grams, $count * $portion->u), $component);
        }
        $fine = $part->grams < $this->constants->get('fine-below');
        $grams = Estimate::withHalfWidth($part->grams, min($part->grams, $this->constants->get($fine ? 'weighed-fine' : 'weighed')));

        return new Dose(rtrim(rtrim(number_format($part->grams, 2, '.', ''), '0'), '.').' g '.$part->food->name, $part->food, $grams, $component);
    }

    /** @return list<Part> */
    private function sweetened(float $sweetness, string $form, Wishes $wishes): array
    {
        $parts = [];
        foreach ($this->schools->mix($wishes->sweetener) as $row) {
            $key = $row[$form === '' ? 'food' : $form];
            $grams = $sweetness * (float) $row['share'] / $this->larder->typical($this->larder->get($key), 'sweetness');
            $parts[] = $this->part($key, $grams, $row['why']);
        }

        return $parts;
    }

    private function part(string $key, float $grams, string $why): Part
    {
        $food = $this->larder->get($key);
        $grams = $this->snapper->snap($food, $grams);

        return new Part($food, $grams, $this->measures->of($food, $grams), $why);
    }
}
