<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Plan\DayPlan;

/** Where a moment stands on the drawing of a day; long stretches in which nobody does anything are drawn short. */
final readonly class DayAxis
{
    private const LONG = 100;

    private const SHORT = 64.0;

    private const WIDEST = 9.0;

    /**
     * @var non-empty-list<array{int, int, float, float, bool}> from and to, in minutes and across, and whether it is
     *     drawn short
     */
    public array $stretches;

    public function __construct(DayPlan $plan, public float $left, public float $right)
    {
        $edges = $this->busy($plan);
        [$from, $to] = [$plan->begins(), max($plan->ready, $plan->begins() + 1)];
        $pieces = [];
        foreach ($edges as [$start, $end]) {
            if ($start - $from > self::LONG) {
                $pieces[] = [$from, $start, true];
            } elseif ($start > $from) {
                $pieces[] = [$from, $start, false];
            }
            $pieces[] = [max($from, $start), $end, false];
            $from = max($from, $end);
        }
        if ($to > $from) {
            $pieces[] = [$from, $to, $to - $from > self::LONG];
        }
        $short = count(array_filter($pieces, static fn (array $p): bool => $p[2]));
        $minutes = array_sum(array_map(static fn (array $p): int => $p[2] ? 0 : $p[1] - $p[0], $pieces));
        $scale = min(self::WIDEST, ($right - $left - $short * self::SHORT) / max(1, $minutes));
        [$x, $stretches] = [$left, []];
        foreach ($pieces as [$a, $b, $isShort]) {
            $width = $isShort ? self::SHORT : ($b - $a) * $scale;
            $stretches[] = [$a, $b, $x, $x + $width, $isShort];
            $x += $width;
        }
        $this->stretches = $stretches === [] ? [[$from, $to, $left, $right, false]] : $stretches;
    }

    public function x(int $minute): float
    {
        foreach ($this->stretches as [$a, $b, $x, $y]) {
            if ($minute <= $b) {
                return round($x + ($minute - $a) * ($y - $x) / max(1, $b - $a), 1);
            }
        }

        return $this->end();
    }

    public function end(): float
    {
        return $this->stretches[array_key_last($this->stretches)][3];
    }

    /**
     * Stretches in which hands are needed, with a little around them.
     *
     * @return list<array{int, int}>
     */
    private function busy(DayPlan $plan): array
    {
        $spans = [];
        foreach ($plan->slots as $slot) {
            foreach ($slot->job->task->hands->holds($slot->job->task->typical) as $held) {
                $spans[] = [$slot->start + $held->from, $slot->start + $held->to];
            }
            if ($slot->job->task->place === 'oven') {
                $spans[] = [$slot->start, $slot->end];
            }
        }
        sort($spans);
        $merged = [];
        foreach ($spans as [$from, $to]) {
            $last = array_key_last($merged);
            if ($last !== null && $from <= $merged[$last][1]) {
                $merged[$last][1] = max($merged[$last][1], $to);
            } else {
                $merged[] = [$from, $to];
            }
        }

        return $merged;
    }
}
