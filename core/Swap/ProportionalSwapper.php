<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\Flag;

/**
 * Swaps by proportion: sweetness for sweetness, flour by its school with egg, water, binder and lift, and
 * the foods that have swaps of their own. Lines that cost less than the threshold a piece are left alone.
 */
final readonly class ProportionalSwapper implements Swapper
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private Accountant $accountant,
        private PartMaker $parts,
        private Constants $constants,
    ) {}

    public function swap(Formula $formula, Wishes $wishes): Swap
    {
        $account = $this->accountant->count($formula);
        $exchanges = [];
        foreach (array_keys($formula->components) as $component) {
            $plan = $this->sorted($formula, $account, $component);
            array_push($exchanges, ...$this->component($formula, $account, $wishes, $component, $plan));
        }
        usort($exchanges, static fn (Exchange $a, Exchange $b): int => [$a->component, $a->role->position(), $a->from[0] ?? 0] <=> [$b->component, $b->role->position(), $b->from[0] ?? 0]);

        return new Swap($wishes, $exchanges, $formula, $this->after($formula, $exchanges));
    }

    /**
     * @return array{sugars: array<string, list<int>>, flours: list<int>, singles: list<int>, kept: list<int>, eggs: bool}
     */
    private function sorted(Formula $formula, Account $account, int $component): array
    {
        $plan = ['sugars' => ['' => [], 'powdered' => [], 'golden' => []], 'flours' => [], 'singles' => [], 'kept' => [], 'eggs' => false];
        $costs = $account->contributions(Convention::LowCarb);
        foreach ($formula->doses as $i => $dose) {
            if ($dose->component !== $component) {
                continue;
            }
            $food = $dose->food;
            $plan['eggs'] = $plan['eggs'] || $food?->role === Role::Egg;
            match (true) {
                $food === null || $dose->grams === null => $plan['kept'][] = $i,
                $this->isFlour($food) => $plan['flours'][] = $i,
                $this->schools->single($food->key) !== [] => $plan[$this->matters($costs[$i]) ? 'singles' : 'kept'][] = $i,
                $this->isSugar($food) => $plan['sugars'][$this->form($food)][] = $i,
                default => $plan['kept'][] = $i,
            };
        }
        foreach ($plan['sugars'] as $form => $lines) {
            if (! $this->matters($this->sum($costs, $lines))) {
                $plan['kept'] = [...$plan['kept'], ...$lines];
                $plan['sugars'][$form] = [];
            }
        }
        if (! $this->matters($this->sum($costs, $plan['flours']))) {
            $plan['kept'] = [...$plan['kept'], ...$plan['flours']];
            $plan['flours'] = [];
        }

        return $plan;
    }

    /**
     * @param  array{sugars: array<string, list<int>>, flours: list<int>, singles: list<int>, kept: list<int>, eggs: bool}  $plan
     * @return list<Exchange>
     */
    private function component(Formula $formula, Account $account, Wishes $wishes, int $component, array $plan): array
    {
        $exchanges = [];
        foreach ($plan['sugars'] as $form => $lines) {
            if ($lines !== []) {
                $doses = $this->pick($formula, $lines);
                $exchanges[] = new Exchange(Role::Sweet, $component, $lines, $this->parts->forSugars($doses, $form, $wishes), 'Sweetness for sweetness.', true);
            }
        }
        $flour = $plan['flours'] === [] ? FlourSwap::none() : $this->parts->forFlours($this->pick($formula, $plan['flours']), $wishes->school, $plan['eggs']);
        if ($plan['flours'] !== []) {
            $exchanges[] = new Exchange(Role::Body, $component, $plan['flours'], $flour->parts, $flour->sentence, true);
        }
        foreach ($plan['singles'] as $i) {
            $dose = $formula->doses[$i];
            $exchanges[] = new Exchange($dose->food->role, $component, [$i], $this->parts->forSingle($dose, $wishes), $this->schools->single($dose->food->key)[0]['why'], true);
        }
        $cut = $this->parts->fatCut($this->pick($formula, $plan['kept']), $flour);
        $extraEgg = $plan['eggs'] ? $flour->egg : 0.0;
        foreach ($plan['kept'] as $i) {
            [$exchange, $extraEgg] = $this->kept($formula, $account, $component, $i, $flour, $cut, $extraEgg);
            $exchanges[] = $exchange;
        }

        return $exchanges;
    }

    /** @return array{Exchange, float} what stays of a line, and the egg still to be added */
    private function kept(Formula $formula, Account $account, int $component, int $i, FlourSwap $flour, float $cut, float $extraEgg): array
    {
        $dose = $formula->doses[$i];
        $role = $dose->food->role ?? Role::Flavour;
        $part = null;
        if ($dose->food !== null && $dose->grams !== null) {
            if ($dose->food->key === 'egg' && $extraEgg > 0) {
                $part = $this->parts->moreEgg($dose, $extraEgg);
                $extraEgg = 0.0;
            } elseif ($cut > 0 && $this->parts->isAddedFat($dose->food)) {
                $part = $this->parts->lessFat($dose, $cut, $flour);
            } elseif ($dose->food->key === 'baking-powder' && $flour->lift !== 1.0) {
                $part = $this->parts->moreLift($dose, $flour);
            }
        }
        if ($part !== null && abs($part->grams - $dose->mass()) > 1e-9) {
            return [new Exchange($role, $component, [$i], [$part], $part->why, true), $extraEgg];
        }

        return [new Exchange($role, $component, [$i], [], $this->leftAlone($dose, $account->contributions(Convention::LowCarb)[$i]), false), $extraEgg];
    }

    private function leftAlone(Dose $dose, float $cost): string
    {
        return match (true) {
            in_array(Flag::LeftOut, $dose->flags, true) => 'left out by you',
            $dose->food === null => 'unknown; carried over as written',
            $dose->grams === null => 'no amount; carried over as written',
            $cost < 0.05 => 'unchanged',
            $this->matters($cost) => sprintf('unchanged; carries %.1f g a piece', $cost),
            default => sprintf('costs %.1f g a piece: leave it', $cost),
        };
    }

    /** @param  list<Exchange>  $exchanges */
    private function after(Formula $formula, array $exchanges): Formula
    {
        $doses = [];
        foreach ($exchanges as $exchange) {
            if (! $exchange->changed) {
                array_push($doses, ...$this->pick($formula, $exchange->from));

                continue;
            }
            foreach ($exchange->to as $part) {
                $doses[] = $this->parts->dose($part, $exchange->component);
            }
        }

        return $formula->with($doses);
    }

    private function isFlour(Food $food): bool
    {
        return $this->larder->typical($food, 'flour-equivalent') > 0;
    }

    private function isSugar(Food $food): bool
    {
        $n = $food->per100;

        return $food->role === Role::Sweet && $this->larder->property($food, 'sweetness') !== null
            && $n->carbohydrate - $n->fibre - $n->polyolGrams() - $n->allulose > $this->constants->get('sugar-food')
            && $this->larder->typical($food, 'sweetness') < $this->constants->get('concentrate');
    }

    private function form(Food $food): string
    {
        return match (true) {
            $food->texture === Texture::Powder => 'powdered',
            in_array($food->key, ['brown-sugar', 'coconut-sugar', 'molasses'], true) => 'golden',
            default => '',
        };
    }

    private function matters(float $costAPiece): bool
    {
        return $costAPiece >= $this->constants->get('leave-alone');
    }

    /**
     * @param  list<float>  $costs
     * @param  list<int>  $lines
     */
    private function sum(array $costs, array $lines): float
    {
        return array_sum(array_intersect_key($costs, array_flip($lines)));
    }

    /**
     * @param  list<int>  $lines
     * @return list<Dose>
     */
    private function pick(Formula $formula, array $lines): array
    {
        return array_map(static fn (int $i): Dose => $formula->doses[$i], $lines);
    }
}
