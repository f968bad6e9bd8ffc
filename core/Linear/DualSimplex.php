<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

use LogicException;

/**
 * The dual simplex method: what was the optimum stays as cheap as can be while its variables are led back between their
 * bounds. From the optimum of a programme to that of the same programme with one variable held it is a few moves.
 */
final readonly class DualSimplex
{
    private const EPSILON = 1e-9;

    private function __construct(private Tableau $tableau) {}

    /**
     * The optimum with one variable held at a value.
     *
     * @param  Tableau  $optimum  of the programme; it stays as it is
     * @param  float  $value  between nothing and the variable's most
     */
    public static function holding(Tableau $optimum, int $variable, float $value): Solution
    {
        $dual = new self(clone $optimum);
        $dual->hold($variable, $value);
        $most = Simplex::mostMoves($optimum);
        for ($round = 0; $dual->step($round > $most / 2); $round++) {
            if ($round > $most) {
                throw new LogicException('The dual simplex method did not come to an end.');
            }
        }

        return $dual->tableau->solution();
    }

    private function hold(int $variable, float $value): void
    {
        $tableau = $this->tableau;
        $tableau->held[$variable] = $value;
        $row = array_search($variable, $tableau->basis, true);
        if ($row === false) {
            $from = isset($tableau->atMost[$variable]) ? $tableau->most($variable) : 0.0;
            $tableau->move($tableau->column($variable), $value - $from);
            unset($tableau->atMost[$variable]);
        } else {
            $this->lead($row, $value, false, false);
        }
    }

    /** Leads the one that is furthest out back to its bound; false where all are within theirs. */
    private function step(bool $bland): bool
    {
        $tableau = $this->tableau;
        [$row, $to, $toMost, $furthest] = [-1, 0.0, false, self::EPSILON];
        foreach ($tableau->values as $i => $value) {
            $most = $tableau->most($tableau->basis[$i]);
            $out = max(-$value, $value - $most);
            if ($out > $furthest) {
                [$row, $to, $toMost, $furthest] = [$i, $value < 0 ? 0.0 : $most, $value > 0, $out];
                if ($bland) {
                    break;
                }
            }
        }
        if ($row >= 0) {
            $this->lead($row, $to, $toMost, $bland);
        }

        return $row >= 0;
    }

    private function lead(int $row, float $to, bool $toMost, bool $bland): void
    {
        $tableau = $this->tableau;
        $enter = $this->entering($row, $tableau->values[$row] < $to, $bland);
        $column = $tableau->column($enter);
        $by = ($tableau->values[$row] - $to) / $column[$row];
        $from = isset($tableau->atMost[$enter]) ? $tableau->most($enter) : 0.0;
        $tableau->move($column, $by);
        $tableau->exchange($enter, $column, $from + $by, $row, $toMost);
    }

    /** The column that costs least for what it moves the row by. */
    private function entering(int $row, bool $isRising, bool $bland): int
    {
        $tableau = $this->tableau;
        [$n, $m] = [$tableau->n, $tableau->m];
        [$rates, $cost] = [$tableau->rows[$row], $tableau->rows[$m]];
        $in = array_flip($tableau->basis);
        [$best, $least, $steepest] = [-1, INF, 0.0];
        $judge = static function (int $j, float $rate, float $price, bool $isAtMost) use (
            $isRising,
            $in,
            $bland,
            &$best,
            &$least,
            &$steepest,
        ): void {
            $way = $isAtMost === $isRising ? $rate : -$rate;
            if ($way <= self::EPSILON || isset($in[$j])) {
                return;
            }
            $ratio = max(0.0, $isAtMost ? -$price : $price) / $way;
            if ($ratio < $least - 1e-12 || ($ratio <= $least && ! $bland && $way > $steepest)) {
                [$best, $least, $steepest] = [$j, min($ratio, $least), $way];
            }
        };
        foreach ($tableau->programme->most as $j => $most) {
            if ($most > 0 && ! isset($tableau->held[$j])) {
                $judge($j, $rates[$j], $cost[$j], isset($tableau->atMost[$j]));
            }
        }
        foreach ($tableau->penalties as $i => $penalty) {
            [$rate, $price, $t] = [$rates[$n + $i], $cost[$n + $i], $n + 2 * $m + $i];
            $judge($n + $i, $rate, $price + $penalty, false);
            $judge($n + $m + $i, -$rate, $penalty - $price, false);
            if ($tableau->ranges[$i] > 0) {
                $judge($t, -$rate, -$price, isset($tableau->atMost[$t]));
            }
        }
        if ($best < 0) {
            throw new LogicException('No row gives way, though each may be missed at a price.');
        }

        return $best;
    }
}
