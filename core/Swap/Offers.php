<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;

/** What a component's lines could become, in the proportions that are usual: the variables of its programme. */
final readonly class Offers
{
    public function __construct(private Larder $larder, private Schools $schools, private PartMaker $parts, private Constants $constants) {}

    /** @return list<Variable> */
    public function variables(Formula $formula, Sorting $sorting, Wishes $wishes): array
    {
        $variables = [];
        foreach ($sorting->sugars as $form => $lines) {
            if ($lines !== []) {
                array_push($variables, ...$this->sweeteners($this->sweetnessOf($formula, $lines) * $wishes->sweetness, $form, $wishes));
            }
        }
        $flours = $this->flours($formula, $sorting, $wishes);
        array_push($variables, ...$flours, ...$this->fats($formula, $sorting, $flours, $wishes), ...$this->lifts($formula, $sorting, $wishes));
        $offered = array_map(fn (Variable $v): Variable => $this->typed($v, $wishes, $sorting->component), array_values(array_filter($variables, fn (Variable $v): bool => $this->allows($v->food, $wishes))));
        foreach ($wishes->added($sorting->component) as $food => $grams) {
            $offered[] = new Variable($this->larder->get($food), 'added', 0.0, 0.0, 0.0, 'added by you', '', $grams);
        }

        return $offered;
    }

    public function allows(Food $food, Wishes $wishes): bool
    {
        if (in_array($food->key, $wishes->refused, true)) {
            return false;
        }
        foreach ($food->allergens as $allergen) {
            if (in_array(explode(':', $allergen)[0], $wishes->without, true)) {
                return false;
            }
        }

        return true;
    }

    /** The school that was asked for, or where its main flour is not allowed the first whose main flour is. */
    public function school(Wishes $wishes): string
    {
        foreach ([$wishes->school, 'seed', 'coconut', ...array_keys($this->schools->flours())] as $school) {
            if ($this->allows($this->larder->get($this->schools->parts($school)[0]['food']), $wishes)) {
                return $school;
            }
        }

        return $wishes->school;
    }

    /** @param  list<int>  $lines */
    public function sweetnessOf(Formula $formula, array $lines): float
    {
        return array_sum(array_map(fn (int $i): float => $formula->doses[$i]->mass() * $this->larder->typical($formula->doses[$i]->food, 'sweetness'), $lines));
    }

    /** @return list<Part> the water that was in the syrups */
    public function waters(Formula $formula, Sorting $sorting, Wishes $wishes): array
    {
        $water = 0.0;
        foreach ($sorting->allSugars() as $i) {
            $dose = $formula->doses[$i];
            $water += $dose->food->isLiquid() ? $dose->food->nutrients($dose->mass())->water : 0.0;
        }

        return $water >= $this->constants->get('scale-step') ? [$this->part('water', $water, 'the water that was in the syrup', $sorting->component, 'syrup', $wishes)] : [];
    }

    /** @return list<Part> */
    public function single(Dose $dose, Wishes $wishes): array
    {
        $parts = [];
        foreach ($this->schools->single($dose->food->key, $wishes->without) as $row) {
            $grams = $dose->mass() * (float) $row['ratio'];
            if ($row['to'] === '~sweet') {
                foreach ($this->sweeteners($grams * $wishes->sweetness, '', $wishes) as $offer) {
                    $grams = $offer->practice;
                    if ($this->allows($offer->food, $wishes) && $grams > 0) {
                        $parts[] = $this->part($offer->food->key, $grams, $offer->why, $dose->component, $dose->key, $wishes);
                    }
                }

                continue;
            }
            $food = $this->larder->get($row['to'] === '~flour' ? $this->schools->parts($this->school($wishes))[0]['food'] : $row['to']);
            if ($this->allows($food, $wishes)) {
                $parts[] = $this->part($food->key, $grams, $row['why'], $dose->component, $dose->key, $wishes);
            }
        }

        return $parts;
    }

    /** A part as is usual, or as the baker typed it. */
    private function part(string $food, float $grams, string $why, int $component, string $slot, Wishes $wishes): Part
    {
        $typed = $wishes->amount($component, $food, $slot);

        return $this->parts->part($this->larder->get($food), $typed ?? $grams, $typed === null ? $why : 'as you typed it', $typed !== null, $slot);
    }

    /** @return list<Variable> */
    private function sweeteners(float $sweetness, string $form, Wishes $wishes): array
    {
        $variables = [];
        foreach ($wishes->corners === [] ? $this->schools->mix($wishes->sweetener) : $this->schools->corners($wishes->corners, $wishes->sweetener) as $n => $row) {
            $food = $this->larder->get($row[$form === '' ? 'food' : $form]);
            $share = $wishes->shares[$n] ?? (float) $row['share'];
            $grams = $sweetness * $share / $this->larder->typical($food, 'sweetness');
            $variables[] = $wishes->shares === []
                ? new Variable($food, 'sweet', INF, $grams, 0.0, $row['why'], $form)
                : new Variable($food, 'sweet', 0.0, 0.0, 0.0, $row['why'], $form, $grams);
        }

        return $variables;
    }

    /** @return list<Variable> */
    private function flours(Formula $formula, Sorting $sorting, Wishes $wishes): array
    {
        $flour = 0.0;
        foreach ($sorting->flours as $i) {
            $flour += $formula->doses[$i]->mass() * $this->larder->typical($formula->doses[$i]->food, 'flour-equivalent');
        }
        if ($flour <= 0) {
            return [];
        }
        $variables = [];
        $uses = [];
        foreach ($this->schools->parts($this->school($wishes)) as $row) {
            if (in_array($row['when'], ['always', $sorting->hasEggs ? 'with-eggs' : 'without-eggs'], true)) {
                $use = in_array($row['food'], ['egg', 'water'], true) ? $row['food'] : 'flour';
                $variables[] = new Variable($this->larder->get($row['food']), $use, $this->most($use, $flour), $flour / 100 * (float) $row['grams_per_100g_flour'], 0.0, $row['why']);
                $uses[$use] = true;
            }
        }
        if (! isset($uses['egg']) && $sorting->hasEggs) {
            $variables[] = new Variable($this->larder->get('egg'), 'egg', $this->most('egg', $flour), 0.0, $this->constants->get('egg-cost'), 'holds the crumb');
        }
        if (! isset($uses['water'])) {
            $variables[] = new Variable($this->larder->get('water'), 'water', $this->most('water', $flour), 0.0, $this->constants->get('water-cost'), 'for the thirst of the new flour');
        }

        return $variables;
    }

    private function most(string $use, float $flour): float
    {
        return match ($use) {
            'egg' => $this->constants->get('extra-eggs-most') * $this->larder->portion($this->larder->get('egg'), '')->value,
            'water' => $this->constants->get('water-most') * $flour,
            default => INF,
        };
    }

    /**
     * Added fat may go down by as much as nut flour brings.
     *
     * @param  list<Variable>  $flours
     * @return list<Variable>
     */
    private function fats(Formula $formula, Sorting $sorting, array $flours, Wishes $wishes): array
    {
        $brought = 0.0;
        foreach ($flours as $offer) {
            $brought += $this->allows($offer->food, $wishes) && $this->larder->property($offer->food, 'brings-fat') !== null ? $offer->food->nutrients($offer->practice)->fat : 0.0;
        }
        $added = array_filter($sorting->kept, fn (int $i): bool => $formula->doses[$i]->food !== null && $this->isAddedFat($formula->doses[$i]->food));
        $fat = array_sum(array_map(static fn (int $i): float => $formula->doses[$i]->food->nutrients($formula->doses[$i]->mass())->fat, $added));
        if ($fat <= 0 || $brought <= 0) {
            return [];
        }
        $most = $this->constants->get('butter-cut-most');
        $cut = min($most, $brought * $this->constants->get('butter-cut-share') / $fat);
        $variables = [];
        foreach ($added as $i) {
            $grams = $formula->doses[$i]->mass();
            $variables[] = new Variable($formula->doses[$i]->food, "fat:$i", $grams * $most, $grams * ($most - $cut), 0.0, sprintf('the new flour brings %.0f g of fat', $brought), '', $grams * (1 - $most));
        }

        return $variables;
    }

    /** @return list<Variable> */
    private function lifts(Formula $formula, Sorting $sorting, Wishes $wishes): array
    {
        $factor = $sorting->flours === [] ? 1.0 : (float) $this->schools->school($wishes->school)['lift_factor'];
        $variables = [];
        foreach ($factor === 1.0 ? [] : $sorting->kept as $i) {
            $dose = $formula->doses[$i];
            if ($dose->food?->key === 'baking-powder') {
                $variables[] = new Variable($dose->food, "lift:$i", $dose->mass() * $factor, $dose->mass() * ($factor - 1), 0.0, 'the new flours are heavier to lift', '', $dose->mass());
            }
        }

        return $variables;
    }

    private function isAddedFat(Food $food): bool
    {
        return $food->per100->fat > $this->constants->get('fat-food') && $food->role->value === 'fat' && $food->per100->protein < $this->constants->get('fat-food-protein');
    }

    /** An amount that the baker typed holds, whatever else is decided. */
    private function typed(Variable $v, Wishes $wishes, int $component): Variable
    {
        $grams = $wishes->amount($component, $v->food->key);

        return $grams === null || str_contains($v->use, ':') || $v->use === 'egg' ? $v : new Variable($v->food, $v->use, 0.0, 0.0, 0.0, $v->why, $v->form, $grams);
    }
}
