<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Linear\Programme;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Linear\Solution;

/** A component's problem with the optimum found for it, eggs whole. */
final readonly class Chosen
{
    public function __construct(public Problem $problem, public Solution $solution, public Programme $programme) {}

    /**
     * The rows that touch a variable and decide, the dearest first.
     *
     * @return list<array{Row, bool}> each with whether it is the upper bound that binds
     */
    public function deciding(int $variable): array
    {
        $found = [];
        foreach ($this->programme->rows as $i => $row) {
            $pull = $this->solution->prices[$i] * $row->coefficients[$variable];
            if (abs($pull) > 1e-7 && $row->key !== 'practice') {
                $found[] = [abs($pull), $row, $this->solution->prices[$i] < 0];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_map(static fn (array $f): array => [$f[1], $f[2]], $found);
    }
}
