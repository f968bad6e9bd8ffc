<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Brief;
use Aglyca\Core\Conversion;
use Aglyca\Core\Formula\Batch;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\LineReader;

/** The servings that a worked dessert is told by: as it is eaten, 100 g of it, a topping, a shop's package. */
final readonly class Servings
{
    public function __construct(private Larder $larder, private LineReader $lines, private Accountant $accountant, private UnitTable $units, private Constants $constants) {}

    /**
     * Toppings as they are read: each with its doses, and the lines that were not understood.
     *
     * @return list<array{name: string, doses: list<Dose>, unread: list<string>}>
     */
    public function toppings(Brief $document): array
    {
        return array_map(fn (array $topping): array => ['name' => $topping['name'], ...$this->topping($topping['text'])], $document->sharing->toppings);
    }

    /** @return array{doses: list<Dose>, unread: list<string>} of a few ingredient lines */
    public function topping(string $text): array
    {
        [$doses, $unread] = [[], []];
        foreach (array_filter(array_map(trim(...), preg_split('~\R~u', $text) ?: [])) as $row) {
            foreach ($this->lines->read($row, 'topping') as $line) {
                $line->food !== null && $line->grams !== null ? $doses[] = new Dose($line->text, $line->food, $line->grams) : $unread[] = $line->text;
            }
        }

        return ['doses' => $doses, 'unread' => $unread];
    }

    /** The piece as it is eaten: with its toppings, as often as it is eaten. */
    public function eaten(Conversion $worked, bool $swapped): Serving
    {
        $account = $worked->account($swapped);
        $times = $worked->document->sharing->eaten;
        $more = array_merge(...array_column($this->toppings($worked->document), 'doses'), ...[[]]);
        $piece = $this->accountant->plus($account->serving, $more, 'a piece');

        return $times === 1.0 ? $piece : $this->accountant->times($piece, $times, 'eaten');
    }

    /** Carbohydrate choices, by the total that a dose of insulin goes by. */
    public function choices(Serving $serving): float
    {
        return $serving->sum->carbohydrate / $this->constants->get('carb-choice');
    }

    /** Grams of one food that do the work of a gram of another: sweeteners by their sweetness, all else by weight. */
    public function exchangeRatio(Food $was, Food $food): float
    {
        [$a, $b] = [$this->larder->typical($was, 'sweetness'), $this->larder->typical($food, 'sweetness')];

        return $was->role === Role::Sweet && $food->role === Role::Sweet && $a > 0 && $b > 0 ? $a / $b : 1.0;
    }

    /** A hundred grams of it as it is served: what went into the air is gone. */
    public function hundred(Conversion $worked, bool $swapped): ?Serving
    {
        $account = $worked->account($swapped);
        $baked = $account->pieceMass() * (1 - $this->batch($worked, $swapped)->loss());

        return $baked > 0 ? $this->accountant->times($account->serving, 100 / $baked, '100 g') : null;
    }

    /** So many grams of what a package holds; null where the kitchen does not have it. */
    public function bought(string $package, float $grams): ?Serving
    {
        $food = $this->larder->fromPackage($package);

        return $food === null ? null : $this->accountant->serve($food->name, [new Dose($food->name, $food, Estimate::exactly($grams))], [1.0]);
    }

    public function batch(Conversion $worked, bool $swapped): Batch
    {
        $formula = $worked->account($swapped)->formula;

        return $formula->layout->cut->batch ?? Batch::of(max(1e-6, $formula->batchMass()), $worked->family()->bakeLoss);
    }

    /** Grams of a level teaspoon. */
    public function spoon(string $food): float
    {
        return $this->units->get('tsp')->size * $this->larder->density($this->larder->get($food))->gramsPerMl;
    }

    /** Grams of net carbs that so much of a food would add to a piece. */
    public function costOf(Account $account, string $food, float $grams, Convention $convention): float
    {
        $more = new Dose('', $this->larder->get($food), Estimate::exactly($grams / $account->formula->pieces));

        return $this->accountant->plus($account->serving, [$more], '')->netCarbs($convention)->value - $account->netCarbs($convention)->value;
    }
}
