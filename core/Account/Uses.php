<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Quantity\Estimate;
use Closure;

/** What of the doubt in some doses is the same for every figure: how sure their amounts are, and which share a food. */
final readonly class Uses
{
    /**
     * @param  list<float>  $relative  relative variance of each dose's amount; 0 where it is not counted
     * @param  list<FoodUse>  $foods
     */
    private function __construct(public array $relative, public array $foods) {}

    /**
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     */
    public static function of(array $doses, array $shares, Spreads $spreads, Constants $constants): self
    {
        $part = $constants->get('used-in-part') ** 2;
        $guess = $constants->get('guess-u') ** 2;
        [$relative, $grams, $foods] = [[], [], []];
        foreach ($doses as $i => $dose) {
            if (! $dose->isCounted() || $dose->grams->value <= 0 || $shares[$i] <= 0) {
                $relative[] = 0.0;

                continue;
            }
            $relative[] =
                ($dose->grams->u / $dose->grams->value) ** 2 +
                ($dose->isGuessed() ? $guess : 0.0) +
                ($dose->used < 1 ? $part : 0.0);
            $key = $dose->food->key.'|'.$dose->food->package;
            $foods[$key] = $dose->food;
            $grams[$key][$i] = $dose->grams->value * $shares[$i];
        }
        $uses = [];
        foreach ($foods as $key => $food) {
            $spread = $food->package === '' ? $spreads->of($food) : Spread::alike(0.0);
            $uses[] = new FoodUse($food, $spread, $grams[$key]);
        }

        return new self($relative, $uses);
    }

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
            $this->relative,
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
        foreach ($this->foods as $use) {
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
}
