<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

/**
 * A programme on a dense tableau, with bounded variables. Row i is a·x + b − a' − t = low, where b and a' are
 * what it is missed by, below and above, and t, between 0 and high − low, is where in the band it lies. One
 * of the three, or a variable of whom the row alone speaks, makes a first basis, so there is no phase one. Of B⁻¹[A |
 * I] the columns of b, a' and t are
 * plus or minus those of I and are not stored.
 *
 * Columns by number, n variables and m rows: 0…n−1 the variables, then b, a' and t of each row.
 */
final class Tableau
{
    public readonly int $n;

    public readonly int $m;

    /** @var array<int, array<int, float>> m rows and the cost row, each n + m wide */
    public array $rows = [];

    /** @var array<int, int> */
    public array $basis = [];

    /** @var array<int, float> */
    public array $values = [];

    /** @var array<int, true> columns out of the basis that lie at their upper bound */
    public array $atMost = [];

    /** @var array<int, float> of each row, how wide its band is */
    public array $ranges = [];

    /** @var array<int, float> */
    public array $penalties = [];

    /** @var array<int, float> variables that stand outside the choice, and where */
    public array $held = [];

    /** @var list<bool> rows that were turned round because only their upper bound is finite */
    private array $turned = [];

    /** @var array<int, float> the columns of I in a row that they do not stand in */
    private array $slack;

    public function __construct(public readonly Programme $programme)
    {
        $this->n = count($programme->costs);
        $this->m = count($programme->rows);
        $this->slack = array_fill($this->n, $this->m, 0.0);
        $this->start();
    }

    public function most(int $column): float
    {
        return match (true) {
            $column < $this->n => $this->programme->most[$column],
            $column < $this->n + 2 * $this->m => INF,
            default => $this->ranges[$column - $this->n - 2 * $this->m],
        };
    }

    /** @return array<int, float> the column in the tableau, with its reduced cost last */
    public function column(int $column): array
    {
        if ($column < $this->n) {
            return array_column($this->rows, $column);
        }
        $i = ($column - $this->n) % $this->m;
        $entries = array_column($this->rows, $this->n + $i);
        $below = $column < $this->n + $this->m;
        if (! $below) {
            $entries = array_map(static fn (float $a): float => -$a, $entries);
        }
        $entries[$this->m] += $column < $this->n + 2 * $this->m ? $this->penalties[$i] : 0.0;

        return $entries;
    }

    /**
     * A column moves by so much, and with it all that stands in the basis.
     *
     * @param  array<int, float>  $column  of it, in the tableau
     */
    public function move(array $column, float $by): void
    {
        foreach ($this->values as $i => $value) {
            $this->values[$i] = $value - $column[$i] * $by;
        }
    }

    /**
     * A column takes a row's place in the basis.
     *
     * @param  array<int, float>  $column  of it, in the tableau
     * @param  float  $at  where it stands
     * @param  bool  $toMost  what leaves lies at its upper bound
     */
    public function exchange(int $enter, array $column, float $at, int $row, bool $toMost): void
    {
        unset($this->atMost[$enter]);
        if ($toMost) {
            $this->atMost[$this->basis[$row]] = true;
        }
        $this->basis[$row] = $enter;
        $this->values[$row] = $at;
        $this->pivot($row, $column);
    }

    public function solution(): Solution
    {
        $at = array_map($this->most(...), array_combine(array_keys($this->atMost), array_keys($this->atMost)));
        foreach ($this->basis as $i => $column) {
            $at[$column] = max(0.0, $this->values[$i]);
        }
        $at = $this->held + $at;
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
            $prices[$i] = -$this->rows[$this->m][$this->n + $i] * ($this->turned[$i] ? -1.0 : 1.0);
            $misses[$i] = ($above - $below) * ($this->turned[$i] ? -1.0 : 1.0);
        }

        return new Solution($objective, $grams, $prices, $misses);
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
            $this->rows[] = $entries;
            if ($price !== 0.0) {
                foreach ($entries as $k => $entry) {
                    $cost[$k] -= $price * $entry;
                }
            }
        }
        $this->rows[] = $cost;
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

    /** @param  array<int, float>  $column */
    private function pivot(int $row, array $column): void
    {
        $by = $column[$row];
        $pivot = $this->rows[$row];
        foreach ($pivot as $k => $entry) {
            $pivot[$k] = $entry / $by;
        }
        $this->rows[$row] = $pivot;
        $used = array_filter($pivot, static fn (float $a): bool => $a !== 0.0);
        foreach ($column as $i => $factor) {
            if ($i !== $row && $factor !== 0.0) {
                $entries = &$this->rows[$i];
                foreach ($used as $k => $entry) {
                    $entries[$k] -= $factor * $entry;
                }
                unset($entries);
            }
        }
    }
}
