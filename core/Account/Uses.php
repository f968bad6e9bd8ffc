<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Estimate;
use Closure;

/** What of the doubt in some doses is the same for every figure: how sure their amounts are, and which share a food. */
final class Uses
{
    /** @var ?list<float> relative variance of each dose's amount; 0 where it is not counted */
    private ?array $relative = null;

    /** @var ?list<FoodUse> */
    private ?array $foods = null;

    /**
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     */
    public function __construct(
        private readonly array $doses,
        private readonly array $shares,
        private readonly Spreads $spreads,
        private readonly Constants $constants,
    ) {}

    /**
     * A figure with its uncertainty. The amounts are independent from line to line; a food's composition is one unknown
     * wherever it stands.
     *
     * @param  list<float>  $contributions  of each dose
     * @param  Closure(FoodUse): float  $label  uncertainty that a label's rounding leaves, in 100 g of the food
     * @param  ?Closure(FoodUse): float  $composition  of the figure in 100 g; null takes the food's own share of the
     *     figure
     */
    public function estimate(array $contributions, Closure $label, ?Closure $composition = null): Estimate
    {
        return Estimate::of(
            array_sum($contributions),
            sqrt(array_sum($this->variances($contributions, $label, $composition))),
        );
    }

    /** @param  list<float>  $contributions  net carbs of each dose by a convention */
    public function netCarbs(Convention $convention, array $contributions): Estimate
    {
        return Estimate::of(array_sum($contributions), sqrt(array_sum($this->ofNet($convention, $contributions))));
    }

    /**
     * @param  list<float>  $contributions  net carbs of each dose by a convention
     * @return list<Doubt> each dose's share of the variance
     */
    public function doubts(Convention $convention, array $contributions): array
    {
        $variances = $this->ofNet($convention, $contributions);
        $whole = array_sum($variances);

        return array_map(
            static fn (float $v, float $a): Doubt => new Doubt(
                $whole > 0 ? $v / $whole : 0.0,
                $whole > 0 ? $a / $whole : 0.0,
            ),
            $variances,
            $this->byAmount($contributions),
        );
    }

    /**
     * @param  list<float>  $contributions
     * @return list<float>
     */
    private function ofNet(Convention $convention, array $contributions): array
    {
        return $this->variances(
            $contributions,
            static fn (FoodUse $use): float => $use->food->netCarbsU,
            static fn (FoodUse $use): float => $use->spread->net($convention),
        );
    }

    /**
     * @param  list<float>  $contributions
     * @return list<float>
     */
    private function byAmount(array $contributions): array
    {
        return array_map(
            static fn (float $grams, float $relative): float => $grams ** 2 * $relative,
            $contributions,
            $this->relative(),
        );
    }

    /**
     * @param  list<float>  $contributions
     * @param  Closure(FoodUse): float  $label
     * @param  ?Closure(FoodUse): float  $composition
     * @return list<float> of each dose
     */
    private function variances(array $contributions, Closure $label, ?Closure $composition): array
    {
        $variances = $this->byAmount($contributions);
        foreach ($this->foods() as $use) {
            $sum = array_sum(array_intersect_key($contributions, $use->grams));
            $byMass = ($label($use) / 100) ** 2 + ($composition === null ? 0.0 : ($composition($use) / 100) ** 2);
            $byShare = $composition === null ? $use->food->u ** 2 : 0.0;
            $mass = $use->mass();
            foreach ($use->grams as $i => $grams) {
                $variances[$i] += $byShare * $sum * $contributions[$i] + $byMass * $mass * $grams;
            }
        }

        return array_values($variances);
    }

    /** @return list<float> */
    private function relative(): array
    {
        if ($this->relative !== null) {
            return $this->relative;
        }
        $part = $this->constants->get('used-in-part') ** 2;
        $guess = $this->constants->get('guess-u') ** 2;
        $relative = [];
        foreach ($this->doses as $i => $dose) {
            $relative[] = $dose->isCounted() && $dose->grams->value > 0 && $this->shares[$i] > 0
                ? ($dose->grams->u / $dose->grams->value) ** 2 +
                    ($dose->isGuessed() ? $guess : 0.0) +
                    ($dose->used < 1 ? $part : 0.0)
                : 0.0;
        }

        return $this->relative = $relative;
    }

    /** @return list<FoodUse> */
    private function foods(): array
    {
        if ($this->foods !== null) {
            return $this->foods;
        }
        [$grams, $foods] = [[], []];
        foreach ($this->doses as $i => $dose) {
            if ($dose->isCounted() && $dose->grams->value > 0 && $this->shares[$i] > 0) {
                $key = $dose->food->key.'|'.$dose->food->package;
                $foods[$key] = $dose->food;
                $grams[$key][$i] = $dose->grams->value * $this->shares[$i];
            }
        }
        $uses = [];
        foreach ($foods as $key => $food) {
            $spread = $food->package === '' ? $this->spreads->of($food) : Spread::alike(0.0);
            $uses[] = new FoodUse($food, $spread, $grams[$key]);
        }

        return $this->foods = $uses;
    }
}
