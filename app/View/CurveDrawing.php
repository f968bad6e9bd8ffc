<?php

declare(strict_types=1);

namespace App\View;

use App\Models\CurveNote;

/** One or two glucose curves over each other, minutes across and mmol/L up. */
final readonly class CurveDrawing
{
    public const WIDTH = 760;

    public const HEIGHT = 330;

    private const LEFT = 48;

    private const BASE = 290;

    /** @var list<array{name: string, line: string, base: float, dots: list<array{float, float}>}> */
    public array $curves;

    private float $minutes;

    private float $from;

    private float $low;

    private float $high;

    /** @param  list<CurveNote>  $notes */
    public function __construct(array $notes)
    {
        $points = array_merge(...array_map(static fn (CurveNote $n): array => $n->points, $notes));
        $this->from = min(0.0, ...array_column($points, 0));
        $this->minutes = max(60.0, ...array_column($points, 0)) - $this->from;
        $this->low = floor(min(4.0, ...array_column($points, 1)));
        $this->high = ceil(max(8.0, ...array_column($points, 1)));
        $this->curves = array_map(fn (CurveNote $n): array => [
            'name' => $n->name, 'base' => $this->y($n->curve()->baseline),
            'line' => implode(' ', array_map(fn (array $p): string => $this->x($p[0]).','.$this->y($p[1]), $n->points)),
            'dots' => array_map(fn (array $p): array => [$this->x($p[0]), $this->y($p[1])], $n->points),
        ], $notes);
    }

    /** @return list<array{x: float, text: string}> */
    public function minutes(): array
    {
        $every = $this->minutes > 300 ? 60 : 30;
        $ticks = [];
        for ($m = (int) ceil($this->from / $every) * $every; $m <= $this->from + $this->minutes; $m += $every) {
            $ticks[] = ['x' => $this->x($m), 'text' => (string) $m];
        }

        return $ticks;
    }

    /** @return list<array{y: float, text: string}> */
    public function values(): array
    {
        $ticks = [];
        for ($v = (int) $this->low; $v <= $this->high; $v += $this->high - $this->low > 8 ? 2 : 1) {
            $ticks[] = ['y' => $this->y($v), 'text' => (string) $v];
        }

        return $ticks;
    }

    private function x(float $minute): float
    {
        return round(self::LEFT + ($minute - $this->from) / $this->minutes * (self::WIDTH - self::LEFT - 16), 1);
    }

    private function y(float $value): float
    {
        return round(self::BASE - ($value - $this->low) / ($this->high - $this->low) * (self::BASE - 16), 1);
    }
}
