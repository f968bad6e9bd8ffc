<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/**
 * Decides of each line whether it is worth swapping at all: what costs less than the threshold a piece is left alone.
 */
final readonly class Sorter
{
    public function __construct(private Larder $larder, private Schools $schools, private Constants $constants) {}

    public function sort(Formula $formula, Account $account, int $component, Wishes $wishes): Sorting
    {
        $sugars = self::none();
        [$flours, $singles, $kept, $eggs] = [[], [], [], false];
        $costs = $account->contributions(Convention::LowCarb);
        foreach ($formula->doses as $i => $dose) {
            if ($dose->component !== $component) {
                continue;
            }
            $food = $dose->food;
            $instead = $food === null ? [] : $this->schools->insteadOfLine($dose, $formula->making);
            $eggs = $eggs || ($food?->role === Role::Egg && ! in_array('egg', $wishes->without, true));
            match (true) {
                $food === null, $dose->grams === null, in_array($dose->key, $wishes->left, true) => ($kept[] = $i),
                $this->schools->isBarred($food->key, $wishes->without),
                $this->isHeld($food, $wishes) => ($singles[] = $i),
                $this->isCrumb($dose, $formula) => ($flours[] = $i),
                $instead !== [] && $this->matters($costs[$i]) => ($singles[] = $i),
                $instead === [] && $this->isSugar($food) => ($sugars[
                    SugarForm::of($formula, $dose)->value
                ][] = $i),
                default => ($kept[] = $i),
            };
        }
        if (! $this->matters(self::sum($costs, array_merge(...array_values($sugars))))) {
            $kept = [...$kept, ...array_merge(...array_values($sugars))];
            $sugars = self::none();
        }
        if (! $this->matters(self::sum($costs, $flours))) {
            $kept = [...$kept, ...$flours];
            $flours = [];
        }

        return new Sorting($component, $sugars, $flours, $singles, $kept, $eggs);
    }

    public function matters(float $costAPiece): bool
    {
        return $costAPiece >= $this->constants->get('leave-alone');
    }

    /** It holds what the dessert must be without, and something stands in for it. */
    private function isHeld(Food $food, Wishes $wishes): bool
    {
        $held = array_map(static fn (string $a): string => explode(':', $a)[0], $food->allergens);

        return array_intersect($held, $wishes->without) !== [] && $this->schools->insteadOf($food->key) !== null
            && $this->larder->typical($food, 'flour-equivalent') <= 0;
    }

    /** Flour, and starch beside flour; what thickens a liquid is none, nor starch alone. */
    private function isCrumb(Dose $dose, Formula $formula): bool
    {
        $isFlour = fn (Dose $d): bool => $d->food !== null && $this->larder->typical($d->food, 'flour-equivalent') > 0;
        $isStarch = fn (Dose $d): bool => $d->food !== null &&
            ($this->schools->single($d->food->key)[0]['to'] ?? '') === 'xanthan';

        return $isFlour($dose) && ! $dose->isThickener() && (! $isStarch($dose) || array_filter(
            $formula->doses,
            static fn (Dose $d): bool => $d->component === $dose->component && $isFlour($d) && ! $isStarch($d),
        ) !== []);
    }

    private function isSugar(Food $food): bool
    {
        $n = $food->per100;

        return $food->role === Role::Sweet && $this->larder->property($food, 'sweetness') !== null
            && $n->digestible() > $this->constants->get('sugar-food')
            && ! $this->larder->isConcentrate($food);
    }

    /** @return array<string, list<int>> */
    private static function none(): array
    {
        return array_fill_keys(array_column(SugarForm::cases(), 'value'), []);
    }

    /**
     * @param  list<float>  $costs
     * @param  list<int>  $lines
     */
    private static function sum(array $costs, array $lines): float
    {
        return array_sum(array_intersect_key($costs, array_flip($lines)));
    }
}
