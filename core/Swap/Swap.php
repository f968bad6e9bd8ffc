<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Formula\Formula;

/** The chosen swap: what takes the place of what, why, and the formula that results. */
final readonly class Swap
{
    public Formula $before;

    /**
     * @param  list<Exchange>  $exchanges
     * @param  Account  $account  of the dessert as written
     * @param  list<Family>  $families  by component
     * @param  list<Binding>  $bindings  the rows that decided
     */
    public function __construct(
        public Wishes $wishes,
        public array $exchanges,
        public Account $account,
        public Formula $after,
        public array $families,
        public OvenPlan $oven,
        public array $bindings,
        public ?Triangle $triangle,
    ) {
        $this->before = $account->formula;
    }

    /** The family of the heaviest component: what the dessert is. */
    public function family(): Family
    {
        return $this->families[$this->before->heaviest()];
    }

    /**
     * Hard rows that could not be kept, or are kept only by leaving the sweetness that was wished: nothing fits all
     * of what was asked.
     *
     * @return list<Binding>
     */
    public function collisions(): array
    {
        $isDull =
            array_filter($this->bindings, static fn (Binding $b): bool => $b->row === 'sweetness' && $b->isMissed) !==
            [];

        return array_values(array_filter(
            $this->bindings, static fn (Binding $b): bool => $b->isHard && ($b->isMissed || $isDull),
        ));
    }
}
