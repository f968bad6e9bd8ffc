<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

use LogicException;

/** The primal simplex method: from corner to better corner, until none is better. */
final readonly class Simplex
{
    private const EPSILON = 1e-9;

    private function __construct(private Tableau $tableau) {}

    public static function solve(Programme $programme): Solution
    {
        return self::optimum($programme)->solution();
    }

    /** The tableau at the optimum, from which a programme that differs a little is not far. */
    public static function optimum(Programme $programme): Tableau
    {
        $tableau = new Tableau($programme);
        $simplex = new self($tableau);
        $most = self::mostMoves($tableau);
        for ($round = 0; $simplex->step($round > $most / 2); $round++) {
            if ($round > $most) {
                throw new LogicException('The simplex method did not come to an end.');
            }
        }

        return $tableau;
    }

    public static function mostMoves(Tableau $tableau): int
    {
        return 50 * ($tableau->n + $tableau->m) + 200;
    }

    /** One move to a better corner; false where there is none. */
    private function step(bool $bland): bool
    {
        $tableau = $this->tableau;
        [$enter, $up] = $this->entering($bland);
        if ($enter < 0) {
            return false;
        }
        $column = $tableau->column($enter);
        $direction = $up ? 1.0 : -1.0;
        $reach = $tableau->most($enter);
        [$leave, $toMost] = [-1, false];
        foreach ($tableau->values as $i => $value) {
            $fall = $direction * $column[$i];
            if ($fall > self::EPSILON) {
                $limit = max(0.0, $value) / $fall;
                $most = false;
            } elseif ($fall < -self::EPSILON && ($bound = $tableau->most($tableau->basis[$i])) < INF) {
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
        $tableau->move($column, $direction * $reach);
        if ($leave >= 0) {
            $from = $up ? 0.0 : $tableau->most($enter);
            $tableau->exchange($enter, $column, $from + $direction * $reach, $leave, $toMost);
        } elseif ($up) {
            $tableau->atMost[$enter] = true;
        } else {
            unset($tableau->atMost[$enter]);
        }

        return true;
    }

    /** @return array{int, bool} column and whether it goes up; -1 where none betters */
    private function entering(bool $bland): array
    {
        $tableau = $this->tableau;
        [$n, $m] = [$tableau->n, $tableau->m];
        $cost = $tableau->rows[$m];
        $in = array_flip($tableau->basis);
        $atMost = $tableau->atMost;
        [$best, $found] = [self::EPSILON, -1];
        // Written out rather than called: this is where the time goes.
        for ($j = 0; $j < $n; $j++) {
            $gain = isset($atMost[$j]) ? $cost[$j] : -$cost[$j];
            if ($gain > $best && ! isset($in[$j]) && $tableau->programme->most[$j] > 0) {
                [$best, $found] = [$gain, $j];
                if ($bland) {
                    return [$found, ! isset($atMost[$found])];
                }
            }
        }
        foreach ($tableau->penalties as $i => $penalty) {
            $price = $cost[$n + $i];
            if (-$penalty - $price > $best && ! isset($in[$n + $i])) {
                [$best, $found] = [-$penalty - $price, $n + $i];
            }
            if ($price - $penalty > $best && ! isset($in[$n + $m + $i])) {
                [$best, $found] = [$price - $penalty, $n + $m + $i];
            }
            $t = $n + 2 * $m + $i;
            $gain = isset($atMost[$t]) ? -$price : $price;
            if ($gain > $best && ! isset($in[$t]) && $tableau->ranges[$i] > 0) {
                [$best, $found] = [$gain, $t];
            }
            if ($bland && $found >= 0) {
                break;
            }
        }

        return [$found, $found < 0 || ! isset($atMost[$found])];
    }
}
