<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Swap\Region;
use Aglyca\Core\Swap\Triangle;

/** The sweetener triangle as a drawing: corners, bead, and the parts where a row breaks. */
final class TriangleDrawing
{
    /** Corners in the drawing's own units: top, left, right. */
    /** Between two lines of names. */
    private const LINE = 14.0;

    private const CORNERS = [[150.0, 26.0], [22.0, 238.0], [278.0, 238.0]];

    /**
     * @param  array<string, string>  $names  of the foods, whatever package they come from
     * @return array<string, mixed>
     */
    public static function of(Triangle $triangle, array $names): array
    {
        [$x, $y] = self::at($triangle->bead);

        return [
            'corners' => array_map(
                static fn (Food $food, array $c, float $share): array => [
                    'key' => $food->key,
                    'name' => $names[$food->key] ?? $food->name,
                    'x' => sprintf('%.1f', $c[0]),
                    'y' => sprintf('%.1f', $c[1]),
                    'share' => Figures::percent($share),
                ],
                $triangle->corners,
                self::CORNERS,
                $triangle->bead,
            ),
            'outline' => implode(
                ' ',
                array_map(static fn (array $c): string => sprintf('%.1f,%.1f', ...$c), self::CORNERS),
            ),
            'bead' => ['x' => sprintf('%.1f', $x), 'y' => sprintf('%.1f', $y)],
            'regions' => self::apart(array_map(self::region(...), $triangle->regions)),
            'isSet' => $triangle->isSet,
        ];
    }

    /**
     * Names of regions that lie over one another stand in lines of their own.
     *
     * @param  list<array<string, string>>  $regions
     * @return list<array<string, string>>
     */
    private static function apart(array $regions): array
    {
        $order = array_column($regions, 'y');
        asort($order, SORT_NUMERIC);
        $placed = [];
        foreach (array_keys($order) as $i) {
            foreach ($placed as $above) {
                $wide = (mb_strlen($above['name']) + mb_strlen($regions[$i]['name'])) * 3.3;
                if (abs((float) $above['x'] - (float) $regions[$i]['x']) < $wide) {
                    $least = (float) $above['y'] + self::LINE;
                    $regions[$i]['y'] = sprintf('%.1f', max((float) $regions[$i]['y'], $least));
                }
            }
            $placed[] = $regions[$i];
        }

        return $regions;
    }

    /**
     * @return array<string, string>
     */
    private static function region(Region $region): array
    {
        $points = array_map(self::at(...), $region->points);
        $count = count($points);
        $half = mb_strlen($region->name) * 3.3;

        return [
            'row' => $region->row, 'name' => $region->name,
            'points' => implode(' ', array_map(static fn (array $p): string => sprintf('%.1f,%.1f', ...$p), $points)),
            'x' => sprintf('%.1f', max($half, min(300 - $half, array_sum(array_column($points, 0)) / $count))),
            'y' => sprintf('%.1f', array_sum(array_column($points, 1)) / $count),
        ];
    }

    /**
     * @param  list<float>  $shares
     * @return array{float, float}
     */
    private static function at(array $shares): array
    {
        [$x, $y] = [0.0, 0.0];
        foreach (self::CORNERS as $i => [$cx, $cy]) {
            $x += $shares[$i] * $cx;
            $y += $shares[$i] * $cy;
        }

        return [$x, $y];
    }
}
