<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Quantity\Stretch;
use Aglyca\Core\Quantity\Temperature;

/** Lays the tasks of a day out as jobs, a batch a job. */
final readonly class JobSheetMaker
{
    /** Air-fryers, irons and the like take one thing; the fridge and the table take all. */
    private const SHARED = ['mixer', 'hob', 'oven', 'microwave', 'iron', 'air-fryer'];

    public function __construct(private Constants $constants) {}

    /**
     * @param  list<Task>  $tasks
     * @param  list<Stretch>  $asleep
     * @param  array<string, int>  $releases  by "task#batch"
     */
    public function make(array $tasks, Places $places, array $asleep, Direction $direction, array $releases): JobSheet
    {
        [$jobs, $at] = [[], []];
        foreach ($tasks as $task) {
            for ($b = 1; $b <= $task->batches; $b++) {
                $at[$task->id][$b] = count($jobs);
                $jobs[] = new Job($task, $b);
            }
        }
        $arcs = $this->arcs($tasks, $at, $places);
        $holds = ['hands' => []];
        foreach ($jobs as $j => $job) {
            foreach ($job->task->hands->holds($job->task->typical) as $held) {
                $holds['hands'][] = new Hold($j, $held->from, $held->length());
            }
            if (
                in_array($job->task->place, self::SHARED, true) &&
                ! in_array($job->task->action->key, ['preheat', 'turn-down'], true) &&
                $job->task->typical > 0
            ) {
                $holds[$job->task->place][] = new Hold($j, 0, $job->task->typical);
            }
        }
        $shared = [];
        foreach ($holds as $place => $of) {
            $most = $place === 'hands' ? $places->bakers : $places->capacity($place) ?? PHP_INT_MAX;
            $shared[$place] = new Shared($most, $of);
        }
        $problem = new Problem(
            array_map(static fn (Job $j): int => $j->task->typical, $jobs),
            $arcs,
            $shared,
            $this->blocks($tasks, $at),
            $asleep,
            array_map(
                static fn (Job $j): bool => $direction === Direction::Forward || ! $j->task->hands->isNone(),
                $jobs,
            ),
            $this->releases($jobs, $releases),
        );

        return new JobSheet($jobs, $problem);
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, array<int, int>>  $at
     * @return list<Arc>
     */
    private function arcs(array $tasks, array $at, Places $places): array
    {
        $byId = array_column($tasks, null, 'id');
        $arcs = [];
        foreach ($tasks as $task) {
            foreach ($task->after as $link) {
                $before = $byId[$link->task] ?? null;
                if ($before === null) {
                    continue;
                }
                foreach ($this->pairs($before, $task) as [$a, $b]) {
                    $arcs[] = new Arc($at[$before->id][$a], $at[$task->id][$b], $before->typical + $link->atLeast);
                    if ($link->atMost !== null) {
                        $arcs[] = new Arc($at[$task->id][$b], $at[$before->id][$a], -$before->typical - $link->atMost);
                    }
                }
            }
            for ($b = 2; $b <= $task->batches; $b++) {
                // Batches are alike, so that the first may go first.
                $arcs[] = new Arc($at[$task->id][$b - 1], $at[$task->id][$b], $task->hands->isAll ? $task->typical : 0);
            }
        }

        return [...$arcs, ...$this->sheets($tasks, $at, $places)];
    }

    /** @return list<array{int, int}> which batch of one follows which of the other */
    private function pairs(Task $before, Task $task): array
    {
        if ($before->batches > 1 && $before->batches === $task->batches) {
            return array_map(static fn (int $b): array => [$b, $b], range(1, $task->batches));
        }
        $pairs = [];
        for ($a = 1; $a <= $before->batches; $a++) {
            for ($b = 1; $b <= $task->batches; $b++) {
                // What is done once for all, as heating the oven, stands before the first; the others follow that.
                $pairs[] = [$a, $b];
            }
        }

        return $pairs;
    }

    /**
     * A sheet is filled again once its batch has left it and it has cooled.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, array<int, int>>  $at
     * @return list<Arc>
     */
    private function sheets(array $tasks, array $at, Places $places): array
    {
        $arcs = [];
        $cools = (int) $this->constants->get('sheet-cools-minutes');
        foreach ($this->runs($tasks) as $run) {
            [$first, $last] = [$run[0], $run[array_key_last($run)]];
            if ($first->place === 'iron') {
                continue;
            }
            $isCooled = in_array($last->action->key, ['cool', 'rest'], true);
            for ($b = $places->sheets + 1; $b <= $first->batches; $b++) {
                $arcs[] = new Arc(
                    $at[$last->id][$b - $places->sheets],
                    $at[$first->id][$b],
                    $last->typical + ($isCooled ? 0 : $cools),
                );
            }
        }

        return $arcs;
    }

    /**
     * Tasks that a batch goes through one after another.
     *
     * @param  list<Task>  $tasks
     * @return list<non-empty-list<Task>>
     */
    private function runs(array $tasks): array
    {
        $runs = [];
        foreach ($tasks as $task) {
            if ($task->batches > 1) {
                $runs["$task->dessert/".explode('-', $task->id)[0]][] = $task;
            }
        }

        return array_values($runs);
    }

    /**
     * Heating the oven and all that is baked at that heat, for each bake of each dessert.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, array<int, int>>  $at
     * @return list<Block>
     */
    private function blocks(array $tasks, array $at): array
    {
        $byId = array_column($tasks, null, 'id');
        [$blocks, $taken, $heat] = [[], [], 0.0];
        $turning = $this->turning($tasks);
        foreach ($tasks as $task) {
            if ($task->place !== 'oven' || $task->action->key === 'preheat' || $task->action->key === 'turn-down') {
                continue;
            }
            $heaters = array_filter(
                array_map(static fn ($l) => $byId[$l->task] ?? null, $task->after),
                static fn (?Task $t): bool => $t !== null &&
                    in_array($t->action->key, ['preheat', 'turn-down'], true) &&
                    ! isset($taken[$t->id]),
            );
            $heats = array_merge(
                $task->heats,
                ...array_map(static fn (Task $t): array => $t->heats, array_values($heaters)),
            );
            $heat = $heats === [] ? $heat : $this->dial($heats[0]);
            $first = [];
            foreach ($heaters as $heater) {
                $taken[$heater->id] = true;
                array_push($first, ...array_values($at[$heater->id]));
            }
            $jobs = array_values($at[$task->id]);
            // Where each batch has two heats, the oven goes from one to the other for each.
            $isTurned = in_array($task->id, $turning, true);
            foreach ($isTurned ? array_map(static fn (int $j): array => [$j], $jobs) : [$jobs] as $n => $of) {
                $blocks[] = new Block($heat, [...$n === 0 ? $first : [], ...$of]);
            }
        }

        return $blocks;
    }

    /** Heats that are one on an oven's dial. */
    private function dial(float $celsius): float
    {
        return (float) Temperature::celsius($celsius)->celsiusOnDial($this->constants->get('snap-oven-c'));
    }

    /**
     * Tasks of a run of batches that goes through the oven more than once.
     *
     * @param  list<Task>  $tasks
     * @return list<string>
     */
    private function turning(array $tasks): array
    {
        $ids = [];
        foreach ($this->runs($tasks) as $run) {
            $bakes = array_column(
                array_filter($run, static fn (Task $t): bool => $t->place === 'oven' && $t->action->key !== 'turn-down'),
                'id',
            );
            $ids = count($bakes) > 1 ? [...$ids, ...$bakes] : $ids;
        }

        return $ids;
    }

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $releases
     * @return array<int, int>
     */
    private function releases(array $jobs, array $releases): array
    {
        $by = [];
        foreach ($jobs as $j => $job) {
            if (isset($releases[$job->key()])) {
                $by[$j] = max(0, $releases[$job->key()]);
            }
        }

        return $by;
    }
}
