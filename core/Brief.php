<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Formula\BatchPlan;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Quantity\Altered;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Swap\KitchenLimits;
use Aglyca\Core\Swap\Wishes;

/** What a baker has said about one dessert. All else is computed from it. */
final readonly class Brief
{
    use Altered;

    /**
     * @param  string  $title  "" takes what the text says
     * @param  ?KeptReading  $kept  how it was read when it was last changed
     */
    public function __construct(
        public string $text,
        public string $title = '',
        public Corrections $corrections = new Corrections,
        public Wishes $wishes = new Wishes,
        public PortionPlan $portions = new PortionPlan,
        public BatchPlan $batch = new BatchPlan,
        public Convention $convention = Convention::LowCarb,
        public ?KeptReading $kept = null,
    ) {}

    /** @param  mixed  ...$changes  of the wishes, by the names of `Wishes` */
    public function wishing(mixed ...$changes): self
    {
        return $this->but(wishes: $this->wishes->but(...$changes));
    }

    public function in(KitchenLimits $kitchen): self
    {
        return $this->wishing(kitchen: $kitchen);
    }
}
