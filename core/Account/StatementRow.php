<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Quantity\Estimate;

/** A figure for each serving of a statement. */
final readonly class StatementRow
{
    /**
     * @param  string  $key  a convention's, a figure's, or a polyol's name
     * @param  list<Estimate>  $estimates  a serving each
     * @param  bool  $isPart  it is in the row above
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public array $estimates,
        public bool $isPart = false,
    ) {}

    /** What the second serving has more than the first, independent of each other. */
    public function difference(): Estimate
    {
        return $this->estimates[1]->plus($this->estimates[0]->times(-1.0));
    }

    /** Whether the two differ by more than their uncertainty. */
    public function isClear(float $coverage): bool
    {
        $difference = $this->difference();

        return abs($difference->value) > $coverage * $difference->u + 1e-9;
    }
}
