<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Appliances;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Role;

/** What the oven does for the swap: decided here and nowhere else. */
final readonly class OvenChooser
{
    public function __construct(
        private Schools $schools,
        private Appliances $appliances,
    ) {}

    /**
     * What the oven does for the swap: decided here and nowhere else.
     *
     * @param  list<Sorting>  $sortings
     * @param  list<Family>  $families
     */
    public function oven(
        Formula $formula,
        array $sortings,
        array $families,
        Wishes $wishes,
        OvenPlan $written,
    ): OvenPlan {
        $floury = array_filter($sortings, static fn (Sorting $s): bool => $s->flours !== []);
        // A foam falls while it waits; bought pastry was chilled already, and drinks no more.
        $drinks = array_filter(array_keys($floury), static fn (int $c): bool => ! $families[$c]->foam) !== [];
        $rest = $drinks ? (int) $this->schools->school($wishes->school)['rest_min'] : 0;
        $plan = $floury !== [] || $this->hasNewPastry($formula, $sortings) ? $written->forNutFlours($rest) : $written;
        $plan = $plan->coolerBy($wishes->cooler);
        $way = $this->appliances->way($families, $wishes->appliance);

        return match (true) {
            $way !== null => $plan->replacedBy($way),
            $wishes->appliance === 'air-fryer' => $plan->inAirFryer(),
            default => $plan,
        };
    }

    /**
     * Bought pastry of wheat gave way to one of nut flour.
     *
     * @param  list<Sorting>  $sortings
     */
    private function hasNewPastry(Formula $formula, array $sortings): bool
    {
        foreach (array_merge(...array_map(static fn (Sorting $s): array => $s->singles, $sortings)) as $i) {
            $food = $formula->doses[$i]->known();
            if ($food->role === Role::Body && str_ends_with($food->key, 'pastry')) {
                return true;
            }
        }

        return false;
    }
}
