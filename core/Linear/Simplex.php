<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

use LogicException;

/**
 * Primal simplex with bounded variables on a dense tableau. Row i is a·x + b − a' − t = low, where b and a' are
 * what it is missed by, below and above, and t, between 0 and high − low, is where in the band it lies. One
 * of the three, or a variable of whom the row alone speaks, makes a first basis, so there is no phase one. Of B⁻¹[A |
 * I] the columns of b, a' and t are
 * plus or minus those of I and are not stored.
 *
 * Columns by number, n variables and m rows: 0…n−1 the variables, then b, a' and t of each row.
 */
final class Simplex
{
    private const EPSILON = 1e-9;

    private int $n;

    private int $m;

    /** @var array<int, array<int, float>> m rows and the cost row, each n + m wide */
    private array $tableau = [];

    /** @var array<int, int> */
    private array $basis = [];

    /** @var array<int, float> */
    private array $values = [];

    /** @var array<int, true> columns out of the basis that lie at their upper bound */
    private array $atMost = [];

    /** @var list<bool> rows that were turned round because only their upper bound is finite */
    private array $turned = [];

    /** @var array<int, float> */
    private array $ranges = [];

    /** @var array<int, float> */
    private array $penalties = [];

    /** @var array<int, float> the columns of I in a row that they do not stand in */
    private array $slack;

    private function __construct(private readonly Programme $programme)
    {
        $this->n = count($programme->costs);
        $this->m = count($programme->rows);
        $this->slack = array_fill($this->n, $this->m, 0.0);
    }

    public static function solve(Programme $programme): Solution
    {
        $simplex = new self($programme);
        $simplex->start();
        $most = 50 * ($simplex->n + $simplex->m) + 200;
        for ($round = 0; $simplex->step($round > $most / 2); $round++) {
            if ($round > $most) {
                throw new LogicException('The simplex method did not come to an end.');
            }
        }

        return $simplex->solution();
    }

    private function start(): void
    {
        $seats = $this->seats();
        $at = array_fill(0, $this->n, 0.0);
        foreach ($seats as $i => $j) {
            $at[$j] = $this->programme->rows[$i]->low / $this->programme->rows[$i]->coefficients[$j];
        }
        $cost = $this->programme->costs + $this->slack;
        foreach ($this->programme->rows as $i => $row) {
            $turn = ! is_finite($row->low);
            $this->turned[] = $turn;
            $this->ranges[] = $turn || ! is_finite($row->high) ? INF : $row->high - $row->low;
            $this->penalties[] = $row->weight / $row->scale;
            [$sign, $price, $entries] = isset($seats[$i])
                ? $this->seated($i, $seats[$i], $at)
                : $this->opened($i, $row, $seats, $at);
            $entries[$this->n + $i] += $sign;
            $this->tableau[] = $entries;
            if ($price !== 0.0) {
                foreach ($entries as $k => $entry) {
                    $cost[$k] -= $price * $entry;
                }
            }
        }
        $this->tableau[] = $cost;
    }

    /**
     * A row that speaks of one variable alone may have it for its first basis, at the row's low: cheaper than to
     * come there by a move each.
     *
     * @return array<int, int> row => variable
     */
    private function seats(): array
    {
        $seats = [];
        $taken = [];
        foreach ($this->programme->rows as $i => $row) {
            $j = $row->of;
            if (
                $j >= 0 &&
                ! isset($taken[$j]) &&
                $row->coefficients[$j] > 0 &&
                $row->low >= 0 &&
                is_finite($row->low) &&
                $row->low / $row->coefficients[$j] <= $this->programme->most[$j]
            ) {
                $seats[$i] = $j;
                $taken[$j] = true;
            }
        }

        return $seats;
    }

    /**
     * @param  array<int, float>  $at
     * @return array{float, float, array<int, float>} sign, price of the basis, and the tableau's row without it
     */
    private function seated(int $i, int $j, array $at): array
    {
        $this->basis[] = $j;
        $this->values[] = $at[$j];
        $entries = array_fill(0, $this->n + $this->m, 0.0);
        $entries[$j] = 1.0;

        return [1 / $this->programme->rows[$i]->coefficients[$j], $this->programme->costs[$j], $entries];
    }

    /**
     * @param  array<int, int>  $seats
     * @param  array<int, float>  $at
     * @return array{float, float, array<int, float>} as of `seated()`
     */
    private function opened(int $i, Row $row, array $seats, array $at): array
    {
        $turn = $this->turned[$i] ? -1.0 : 1.0;
        $low = $turn * ($this->turned[$i] ? $row->high : $row->low);
        foreach ($at as $j => $grams) {
            $low -= $turn * $row->coefficients[$j] * $grams;
        }
        $range = $this->ranges[$i];
        [$column, $sign, $value, $price] = match (true) {
            $low >= 0 => [$this->n + $i, 1.0, $low, $this->penalties[$i]],
            -$low <= $range => [$this->n + 2 * $this->m + $i, -1.0, -$low, 0.0],
            default => [$this->n + $this->m + $i, -1.0, -$low - $range, $this->penalties[$i]],
        };
        if ($column === $this->n + $this->m + $i) {
            $this->atMost[$this->n + 2 * $this->m + $i] = true;
        }
        $this->basis[] = $column;
        $this->values[] = $value;
        $entries = $row->coefficients;
        if ($sign * $turn < 0) {
            foreach ($entries as $k => $a) {
                $entries[$k] = -$a;
            }
        }
        $entries += $this->slack;
        foreach ($seats as $of => $j) {
            $entries[$this->n + $of] -= $entries[$j] / $this->programme->rows[$of]->coefficients[$j];
            $entries[$j] = 0.0;
        }

        return [$sign, $price, $entries];
    }

    /** One move to a better corner; false where there is none. */
    private function step(bool $bland): bool
    {
        [$enter, $up] = $this->entering($bland);
        if ($enter < 0) {
            return false;
        }
        $column = $this->column($enter);
        $direction = $up ? 1.0 : -1.0;
        $reach = $this->most($enter);
        [$leave, $toMost] = [-1, false];
        foreach ($this->values as $i => $value) {
            $fall = $direction * $column[$i];
            if ($fall > self::EPSILON) {
                $limit = max(0.0, $value) / $fall;
                $most = false;
            } elseif ($fall < -self::EPSILON && ($bound = $this->most($this->basis[$i])) < INF) {
                $limit = max(0.0, $bound - $value) / -$fall;
                $most = true;
            } else {
                continue;
            }
            if (
                $limit < $reach - 1e-12 ||
                ($limit <= $reach && $leave >= 0 && abs($column[$i]) > abs($column[$leave]))
            ) {
                [$reach, $leave, $toMost] = [$limit, $i, $most];
            }
        }
        if ($reach === INF) {
            throw new LogicException('The programme has no lower end.');
        }
        foreach ($column as $i => $entry) {
            if ($i < $this->m) {
                $this->values[$i] -= $direction * $entry * $reach;
            }
        }
        if ($leave < 0) {
            if ($up) {
                $this->atMost[$enter] = true;
            } else {
                unset($this->atMost[$enter]);
            }

            return true;
        }
        $from = $up ? 0.0 : $this->most($enter);
        unset($this->atMost[$enter]);
        if ($toMost) {
            $this->atMost[$this->basis[$leave]] = true;
        }
        $this->basis[$leave] = $enter;
        $this->values[$leave] = $from + $direction * $reach;
        $this->pivot($leave, $column);

        return true;
    }

    /** @return array{int, bool} column and whether it goes up; -1 where none betters */
    private function entering(bool $bland): array
    {
        $cost = $this->tableau[$this->m];
        [$n, $m] = [$this->n, $this->m];
        $in = array_flip($this->basis);
        $atMost = $this->atMost;
        [$best, $found] = [self::EPSILON, -1];
        // Written out rather than called: this is where the time goes.
        for ($j = 0; $j < $n; $j++) {
            $gain = isset($atMost[$j]) ? $cost[$j] : -$cost[$j];
            if ($gain > $best && ! isset($in[$j]) && $this->programme->most[$j] > 0) {
                [$best, $found] = [$gain, $j];
                if ($bland) {
                    return [$found, ! isset($atMost[$found])];
                }
            }
        }
        for ($i = 0; $i < $m; $i++) {
            $price = $cost[$n + $i];
            $penalty = $this->penalties[$i];
            if (-$penalty - $price > $best && ! isset($in[$n + $i])) {
                [$best, $found] = [-$penalty - $price, $n + $i];
            }
            if ($price - $penalty > $best && ! isset($in[$n + $m + $i])) {
                [$best, $found] = [$price - $penalty, $n + $m + $i];
            }
            $t = $n + 2 * $m + $i;
            $gain = isset($atMost[$t]) ? -$price : $price;
            if ($gain > $best && ! isset($in[$t]) && $this->ranges[$i] > 0) {
                [$best, $found] = [$gain, $t];
            }
            if ($bland && $found >= 0) {
                break;
            }
        }

        return [$found, $found < 0 || ! isset($atMost[$found])];
    }

    /** @return array<int, float> the column in the tableau, with its reduced cost last */
    private function column(int $column): array
    {
        if ($column < $this->n) {
            return array_column($this->tableau, $column);
        }
        $i = ($column - $this->n) % $this->m;
        $entries = array_column($this->tableau, $this->n + $i);
        $below = $column < $this->n + $this->m;
        if (! $below) {
            $entries = array_map(static fn (float $a): float => -$a, $entries);
        }
        $entries[$this->m] += $column < $this->n + 2 * $this->m ? $this->penalties[$i] : 0.0;

        return $entries;
    }

    /** @param  array<int, float>  $column */
    private function pivot(int $row, array $column): void
    {
        $by = $column[$row];
        $pivot = $this->tableau[$row];
        foreach ($pivot as $k => $entry) {
            $pivot[$k] = $entry / $by;
        }
        $this->tableau[$row] = $pivot;
        $used = array_filter($pivot, static fn (float $a): bool => $a !== 0.0);
        foreach ($column as $i => $factor) {
            if ($i !== $row && $factor !== 0.0) {
                $entries = &$this->tableau[$i];
                foreach ($used as $k => $entry) {
                    $entries[$k] -= $factor * $entry;
                }
                unset($entries);
            }
        }
    }

    private function most(int $column): float
    {
        return match (true) {
            $column < $this->n => $this->programme->most[$column],
            $column < $this->n + 2 * $this->m => INF,
            default => $this->ranges[$column - $this->n - 2 * $this->m],
        };
    }

    private function solution(): Solution
    {
        $at = array_map($this->most(...), array_combine(array_keys($this->atMost), array_keys($this->atMost)));
        foreach ($this->basis as $i => $column) {
            $at[$column] = max(0.0, $this->values[$i]);
        }
        $grams = [];
        $objective = 0.0;
        for ($j = 0; $j < $this->n; $j++) {
            $grams[$j] = $at[$j] ?? 0.0;
            $objective += $grams[$j] * $this->programme->costs[$j];
        }
        $prices = [];
        $misses = [];
        for ($i = 0; $i < $this->m; $i++) {
            [$below, $above] = [$at[$this->n + $i] ?? 0.0, $at[$this->n + $this->m + $i] ?? 0.0];
            $objective += ($below + $above) * $this->penalties[$i];
            $prices[$i] = -$this->tableau[$this->m][$this->n + $i] * ($this->turned[$i] ? -1.0 : 1.0);
            $misses[$i] = ($above - $below) * ($this->turned[$i] ? -1.0 : 1.0);
        }

        return new Solution($objective, $grams, $prices, $misses);
    }
}
