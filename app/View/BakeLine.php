<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Bake;
use App\Models\Version;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** The bakes of a dessert as a line that branches: a version a station, each bake on it with its mark. */
final readonly class BakeLine
{
    private const STEP = 216.0;

    private const ROW = 96.0;

    /** @var list<array{version: Version, x: float, y: float, bakes: list<array{bake: Bake, x: float, y: float}>}> */
    public array $stations;

    /** @var list<array{path: string, words: string, x: float, y: float}> */
    public array $ways;

    public float $width;

    public float $height;

    /**
     * @param  Collection<int, Version>  $versions  by their number, with their bakes
     */
    public function __construct(Collection $versions)
    {
        [$places, $taken, $stations, $ways, $x] = [[], [], [], [], 70.0];
        foreach ($versions as $version) {
            $bakes = $version->bakes->sortBy(['baked_on', 'id'])->values();
            $from = $places[(int) $version->parent_id] ?? null;
            // A version that goes on from one that was gone on from already leaves the line.
            $row = $from === null ? 0 : $from['row'] + ($taken[(int) $version->parent_id] ?? 0);
            $taken[(int) $version->parent_id] = ($taken[(int) $version->parent_id] ?? 0) + 1;
            $y = 64.0 + $row * self::ROW;
            $marks = [];
            foreach ($bakes as $i => $bake) {
                $marks[] = ['bake' => $bake, 'x' => $x + $i * 62.0, 'y' => $y];
            }
            $end = $x + max(0, count($marks) - 1) * 62.0;
            $places[$version->id] = ['x' => $end, 'y' => $y, 'row' => $row];
            $stations[] = ['version' => $version, 'x' => $x, 'y' => $y, 'bakes' => $marks];
            if ($from !== null) {
                $bend = ($x - $from['x']) / 2;
                $ways[] = [
                    'path' => sprintf(
                        'M%.0f %.0f C%.0f %.0f %.0f %.0f %.0f %.0f',
                        $from['x'],
                        $from['y'],
                        $from['x'] + $bend,
                        $from['y'],
                        $x - $bend,
                        $y,
                        $x,
                        $y,
                    ),
                    'words' => Str::limit((string) ($version->tries['sentence'] ?? ''), 24),
                    'x' => ($from['x'] + $x) / 2,
                    'y' => ($from['y'] + $y) / 2 + 20,
                ];
            }
            $x = $end + self::STEP;
        }
        $this->stations = $stations;
        $this->ways = $ways;
        $this->width = max(600.0, $x - self::STEP + 80);
        $this->height = 64.0 + ($places === [] ? 0 : max(array_column($places, 'row'))) * self::ROW + 64.0;
    }
}
