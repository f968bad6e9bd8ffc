<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Plan\Night;
use Aglyca\Core\Plan\Slot;
use Aglyca\Core\Quantity\Stretch;
use App\Support\PlannedDay;

/** A day drawn: lanes of work, the oven's heat, hands, and the moment when all is ready. */
final readonly class DayDrawing
{
    public const WIDTH = 1232;

    private const LEFT = 164.0;

    private const BAR = 22;

    private const ROW = 40;

    private const TOP = 34;

    private const OVEN = 92;

    private const LETTER = 6.9;

    public DayAxis $axis;

    /** @var list<array<string, mixed>> name, dessert, y, height */
    public array $lanes;

    /** @var list<array<string, mixed>> slot, key, kind, x, y, width, label with its place, title */
    public array $bars;

    /** @var list<string> paths from what comes first to what follows */
    public array $links;

    public int $ovenTop;

    public int $handsTop;

    public int $height;

    public function __construct(private PlannedDay $day)
    {
        $this->axis = new DayAxis($day->plan, self::LEFT, self::WIDTH - 74.0);
        [$this->lanes, $this->bars, $this->ovenTop, $this->links] = $this->laidOut();
        $this->handsTop = $this->ovenTop + ($this->hasOven() ? self::OVEN + 16 : 0);
        $this->height = $this->handsTop + 64;
    }

    /** @return list<array{x: float, text: string, strong: bool}> */
    public function ticks(): array
    {
        $ticks = [];
        $last = -INF;
        $begins = $this->day->plan->begins();
        $every = $this->day->plan->ready - $begins > 300 ? 60 : 30;
        $day = '';
        for ($m = (int) ceil($begins / $every) * $every; $m <= $this->day->plan->ready; $m += $every) {
            $x = $this->axis->x($m);
            $local = Night::local($m, $this->day->zone());
            if ($x - $last >= 62 && ! $this->isShort($m)) {
                $isNew = $local->format('Y-m-d') !== $day;
                $day = $local->format('Y-m-d');
                $ticks[] = ['x' => $x, 'text' => $local->format('H:i'), 'strong' => $isNew && $ticks !== []];
                $last = $x;
            }
        }

        return $ticks;
    }

    /** @return list<array{middle: float, text: string}> stretches that are drawn short */
    public function shortened(): array
    {
        $found = [];
        foreach ($this->axis->stretches as [$from, $to, $x, $end, $isShort]) {
            if ($isShort) {
                $found[] = ['middle' => ($x + $end) / 2, 'text' => DayPage::minutes($to - $from)];
            }
        }

        return $found;
    }

    /** @return list<array{x: float, width: float}> hours of sleep */
    public function nights(): array
    {
        return array_map(
            fn (Stretch $night): array => [
                'x' => $this->axis->x($night->from),
                'width' => max(1.0, $this->axis->x($night->to) - $this->axis->x($night->from)),
            ],
            Night::between(
                $this->day->plan->begins(),
                $this->day->plan->ready,
                $this->day->asked->places,
                $this->day->zone(),
            ),
        );
    }

    public function hasOven(): bool
    {
        return $this->day->plan->ovenMinutes > 0;
    }

    /**
     * @return array{area: string, line: string, labels: list<array{x: float, y: float, text: string}>} the oven's heat
     */
    public function oven(): array
    {
        $base = $this->ovenTop + self::OVEN;
        $points = $labels = [];
        $y = static fn (float $celsius): float => round(
            $base - (max(0.0, $celsius - 20.0) / 230.0) * (self::OVEN - 24),
            1,
        );
        $heat = 0.0;
        $until = 0;
        foreach ($this->day->plan->slots as $slot) {
            $task = $slot->job->task;
            if ($task->place !== 'oven') {
                continue;
            }
            $next = $task->heats[0] ?? ($heat > 0 ? $heat : $this->day->plan->ovenHeats[0] ?? 0.0);
            [$from, $to] = [$this->axis->x($slot->start), $this->axis->x($slot->end)];
            if ($task->action->key === 'preheat') {
                $points[] = [$from, $heat > 0 && $slot->start <= $until ? $y($heat) : $base];
                $points[] = [$to, $y($next)];
            } else {
                $points[] = [$from, $y($next)];
                $points[] = [$to, $y($next)];
            }
            if (abs($next - $heat) >= 3) {
                $labels[] = ['x' => $to, 'y' => $y($next) - 6, 'text' => round($next / 5) * 5 .' °C'];
            }
            [$heat, $until] = [$next, max($until, $slot->end)];
        }
        if ($points !== []) {
            array_unshift($points, [$points[0][0], (float) $base]);
            $points[] = [min($this->axis->end(), $points[array_key_last($points)][0] + 60), (float) $base];
        }
        $line = implode(' ', array_map(static fn (array $p): string => "$p[0],$p[1]", $points));

        return ['area' => $line, 'line' => $line, 'labels' => $labels];
    }

    /** @return array{busy: list<array{x: float, width: float}>, free: list<array{x: float, text: string}>} */
    public function hands(): array
    {
        $spans = [];
        foreach ($this->day->plan->slots as $slot) {
            foreach ($slot->job->task->hands->holds($slot->job->task->typical) as $held) {
                $spans[] = [$slot->start + $held->from, $slot->start + $held->to];
            }
        }
        sort($spans);
        [$busy, $free, $until] = [[], [], null];
        foreach ($spans as [$from, $to]) {
            $busy[] = ['x' => $this->axis->x($from), 'width' => max(2.5, $this->axis->x($to) - $this->axis->x($from))];
            if ($until !== null && $from - $until >= 15) {
                $text = DayPage::minutes($from - $until);
                $width = $this->axis->x($from) - $this->axis->x($until);
                $isShort = $this->isShort((int) (($from + $until) / 2));
                foreach ($isShort ? [] : ["$text free", $text] as $words) {
                    if (mb_strlen($words) * self::LETTER < $width - 4) {
                        $free[] = ['x' => ($this->axis->x($from) + $this->axis->x($until)) / 2, 'text' => $words];
                        break;
                    }
                }
            }
            $until = max($until ?? $to, $to);
        }

        return ['busy' => $busy, 'free' => $free];
    }

    /** @return ?float where it is now; null where that is not on the day */
    public function now(int $minute): ?float
    {
        return $minute < $this->day->plan->begins() || $minute > $this->day->plan->ready
            ? null
            : $this->axis->x($minute);
    }

    private function isShort(int $minute): bool
    {
        foreach ($this->axis->stretches as [$from, $to, , , $isShort]) {
            if ($isShort && $minute > $from && $minute < $to) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return array{list<array<string, mixed>>, list<array<string, mixed>>, int, list<string>} lanes, bars, where the
     *     oven begins, and links
     */
    private function laidOut(): array
    {
        $byLane = [];
        foreach ($this->day->plan->slots as $slot) {
            if ($slot->end > $slot->start && $slot->job->task->action->key !== 'preheat') {
                $byLane[$slot->job->task->dessert."\n".$slot->job->task->component][] = $slot;
            }
        }
        [$lanes, $bars, $places, $y] = [[], [], [], self::TOP];
        $severalParts = array_count_values(
            array_map(static fn (string $k): string => explode("\n", $k)[0], array_keys($byLane)),
        );
        foreach ($byLane as $key => $slots) {
            [$dessert, $component] = explode("\n", (string) $key);
            [$laid, $rows] = $this->rows($slots);
            $height = $rows * self::ROW + 8;
            $lanes[] = [
                'name' => $severalParts[$dessert] > 1 && $component !== '' ? $component : $dessert,
                'dessert' => $severalParts[$dessert] > 1 && count($severalParts) > 1 && $component !== '' ? $dessert : '',
                'y' => $y,
                'height' => $height,
            ];
            foreach ($laid as [$slot, $row, $label, $isInside, $labelX]) {
                $x = $this->axis->x($slot->start);
                $top = $y + 6 + $row * self::ROW;
                $places[$slot->job->task->id][$slot->job->batch] = [
                    $x,
                    $this->axis->x($slot->end),
                    $top + self::BAR / 2,
                ];
                $bars[] = [
                    'slot' => $slot,
                    'key' => $slot->job->key(),
                    'kind' => DayPage::kind($slot->job->task),
                    'x' => $x,
                    'y' => $top,
                    'width' => max(5.0, $this->axis->x($slot->end) - $x),
                    'label' => $label,
                    'inside' => $isInside,
                    'labelX' => $labelX,
                    'labelY' => $isInside ? $top + 16 : $top + self::BAR + 13,
                    'title' => $this->title($slot),
                ];
            }
            $y += $height;
        }

        return [$lanes, $bars, $y + 4, $this->paths($places)];
    }

    /**
     * Bars of one lane in as few rows as their words allow.
     *
     * @param  list<Slot>  $slots
     * @return array{list<array{Slot, int, string, bool, float}>, int}
     */
    private function rows(array $slots): array
    {
        $barEnd = $wordEnd = [];
        $laid = [];
        foreach ($slots as $slot) {
            [$x, $end] = [$this->axis->x($slot->start), $this->axis->x($slot->end)];
            $label = DayPage::short($slot);
            $words = mb_strlen($label) * self::LETTER;
            $isInside = $words + 10 < $end - $x;
            // Words beside a bar stay clear of the line at which all is ready.
            $labelX = $isInside ? $x + 6 : min($x, $this->axis->end() - 6 - $words);
            for ($row = 0; ; $row++) {
                $isFree = ($barEnd[$row] ?? -INF) <= $x + 0.5 && ($isInside || ($wordEnd[$row] ?? -INF) + 6 <= $labelX);
                if ($isFree) {
                    break;
                }
            }
            $barEnd[$row] = max($end, $x + 5);
            if (! $isInside) {
                $wordEnd[$row] = $labelX + $words;
            }
            $laid[] = [$slot, $row, $label, $isInside, $labelX];
        }

        return [$laid, max(1, count($barEnd))];
    }

    /**
     * @param  array<string, array<int, array{float, float, float|int}>>  $places
     * @return list<string>
     */
    private function paths(array $places): array
    {
        $paths = [];
        foreach ($this->day->plan->tasks as $task) {
            foreach ($task->after as $link) {
                foreach ($places[$task->id] ?? [] as $batch => [$x, , $y]) {
                    $from = $places[$link->task] ?? [];
                    $one = count($from) > 1 ? $from[$batch] ?? end($from) : reset($from);
                    if ($one !== false && abs($one[2] - $y) > 1) {
                        $bend = min(18.0, max(6.0, ($x - $one[1]) / 2));
                        $paths[] = "M$one[1] $one[2] C".($one[1] + $bend)." $one[2] ".($x - $bend)." $y $x $y";
                    }
                }
            }
        }

        return $paths;
    }

    private function title(Slot $slot): string
    {
        $clock = fn (int $m): string => Night::local($m, $this->day->zone())->format('H:i');

        return $clock($slot->start).
            ' to '.
            $clock($slot->end).
            ', '.
            $slot->job->task->dessert.
            ': '.
            $slot->job->task->text;
    }
}
