<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Forecast\FoodRange;
use Aglyca\Core\Forecast\PictureBook;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Quantity\Point;

/** The Almanac's drawings: series of the core as lines and bars. */
final readonly class AlmanacPictures
{
    public const WIDTH = 560.0;

    public const HEIGHT = 300.0;

    private const LEFT = 66.0;

    private const RIGHT = 452.0;

    private const TOP = 16.0;

    private const BOTTOM = 258.0;

    /** Minutes in the oven that the picture of browning begins with (our own choice: a small cake). */
    public const MINUTES = 20.0;

    private const BAR_LEFT = 190.0;

    private const BAR_RIGHT = 500.0;

    private const ROW = 24.0;

    public function __construct(private PictureBook $book) {}

    /** @return array<string, mixed> lines, what never browns, and the marks across and up */
    public function browning(): array
    {
        $y = static fn (float $minutes): float => self::BOTTOM -
            (log(max(1.0, min(240.0, $minutes))) / log(240.0)) * (self::BOTTOM - self::TOP);
        $x = static fn (float $celsius): float => self::LEFT + (($celsius - 140) / 60) * (self::RIGHT - self::LEFT);
        $lines = [];
        foreach ($this->book->browning(self::MINUTES) as $one) {
            $points = array_values(
                array_filter($one->points, static fn (Point $p): bool => $p->y >= 1.0 && $p->y <= 240.0),
            );
            if ($points !== []) {
                $last = end($points);
                $lines[] = [
                    'name' => $one->food->name,
                    'path' => self::path($points, $x, $y),
                    'x' => self::number($x($last->x) + 6),
                    'y' => self::number($y($last->y) + 4),
                    'table' => array_map(
                        static fn (Point $p): array => [Figures::whole($p->x), Figures::whole($p->y)],
                        $one->points,
                    ),
                ];
            }
        }

        return [
            'lines' => self::apart($lines),
            'never' => implode(
                ', ',
                array_map(static fn (Food $f): string => mb_strtolower($f->name), $this->book->neverBrown()),
            ),
            'across' => array_map(static fn (int $c): array => [self::number($x($c)), "$c °C"], [140, 160, 180, 200]),
            'up' => array_map(static fn (int $m): array => [self::number($y($m)), "$m min"], [1, 5, 20, 60, 240]),
        ];
    }

    /** @return array<string, mixed> the path, the marks across and up, and the table */
    public function dissolving(): array
    {
        $points = $this->book->dissolving();
        $most = ceil(max(array_column($points, 'y')) / 50) * 50;
        $y = static fn (float $grams): float => self::BOTTOM - $grams / $most * (self::BOTTOM - self::TOP);
        $x = static fn (float $celsius): float => self::LEFT + $celsius / 60 * (self::RIGHT - self::LEFT);

        return [
            'path' => self::path($points, $x, $y),
            'across' => array_map(static fn (int $c): array => [self::number($x($c)), "$c °C"], [5, 25, 40, 60]),
            'up' => array_map(static fn (float $g): array => [self::number($y($g)), Figures::whole($g).' g'], [
                0.0,
                $most / 2,
                $most,
            ]),
            'table' => array_map(
                static fn (Point $p): array => [Figures::whole($p->x), Figures::whole($p->y)],
                $points,
            ),
        ];
    }

    /** @return array{bars: list<array<string, string>>, height: string} */
    public function sweetness(): array
    {
        return self::bars($this->book->sweetness(), 'g', 300.0, 100.0);
    }

    /** @return array{bars: list<array<string, string>>, height: string} */
    public function thirst(): array
    {
        return self::bars($this->book->thirst(), 'g', null, null);
    }

    /**
     * @param  list<FoodRange>  $rows
     * @return array{bars: list<array<string, string>>, height: string, mark: string}
     */
    private static function bars(array $rows, string $unit, ?float $most, ?float $mark): array
    {
        $most ??= max(0.1, ...array_map(static fn (FoodRange $r): float => $r->range->high, $rows));
        $x = static fn (float $value): float => self::BAR_LEFT +
            min(1.0, $value / $most) * (self::BAR_RIGHT - self::BAR_LEFT);
        $bars = [];
        foreach ($rows as $i => $row) {
            $bars[] = [
                'name' => mb_strimwidth($row->food->name, 0, 26, '…'),
                'href' => '/almanac/foods/'.$row->food->key,
                'y' => self::number($i * self::ROW + 6),
                'text' => self::number($i * self::ROW + 19),
                'width' => self::number($x($row->range->typical) - self::BAR_LEFT),
                'low' => self::number($x($row->range->low)),
                'high' => self::number($x($row->range->high)),
                'middle' => self::number($i * self::ROW + 14),
                'end' => self::number(max($x($row->range->high), $x($row->range->typical)) + 6),
                'says' => Figures::grams($row->range->typical)." $unit",
            ];
        }

        return [
            'bars' => $bars,
            'height' => self::number(count($rows) * self::ROW + 12),
            'mark' => $mark === null ? '' : self::number($x($mark)),
        ];
    }

    /**
     * @param  list<Point>  $points
     * @param  callable(float): float  $x
     * @param  callable(float): float  $y
     */
    private static function path(array $points, callable $x, callable $y): string
    {
        return 'M'.
            implode(
                'L',
                array_map(static fn (Point $p): string => self::number($x($p->x)).' '.self::number($y($p->y)), $points),
            );
    }

    /**
     * Names at the ends of lines, moved apart where they would stand on each other.
     *
     * @param  list<array<string, mixed>>  $lines
     * @return list<array<string, mixed>>
     */
    private static function apart(array $lines): array
    {
        usort($lines, static fn (array $a, array $b): int => (float) $a['y'] <=> (float) $b['y']);
        $above = -INF;
        foreach ($lines as $i => $line) {
            $above = max((float) $line['y'], $above + 15);
            $lines[$i]['y'] = self::number($above);
        }

        return $lines;
    }

    private static function number(float $value): string
    {
        return sprintf('%.1f', $value);
    }
}
