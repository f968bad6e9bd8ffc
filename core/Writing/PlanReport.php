<?php

declare(strict_types=1);

namespace Aglyca\Core\Writing;

use Aglyca\Core\Method\Link;
use Aglyca\Core\Method\StepUse;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Plan\DayPlan;
use Aglyca\Core\Plan\Night;
use Aglyca\Core\Plan\Slot;
use DateTimeInterface;
use DateTimeZone;

/** A day as open data; `docs/json.md` describes the shape. */
final class PlanReport
{
    /** @return array<string, mixed> */
    public static function of(DayPlan $plan, DateTimeZone $zone): array
    {
        $iso = static fn (int $minutes): string => Night::local($minutes, $zone)->format(DateTimeInterface::ATOM);

        return [
            'steps' => array_map(self::task(...), $plan->tasks),
            'schedule' => array_map(
                static fn (Slot $s): array => [
                    'step' => $s->job->task->id,
                    'batch' => $s->job->batch,
                    'start' => $iso($s->start),
                    'end' => $iso($s->end),
                ],
                $plan->slots,
            ),
            'start' => $iso($plan->start),
            'ready' => $iso($plan->ready),
            'hands_on_min' => $plan->handsOn,
            'span_min' => $plan->span(),
            'oven_min' => $plan->ovenMinutes,
            'oven_heats_c' => array_map(static fn (float $c): float => round($c, 1), $plan->ovenHeats),
            'late_by_min' => $plan->lateBy,
            'gap' => round($plan->gap, 4),
            'advice' => $plan->advice,
        ];
    }

    /** @return array<string, mixed> */
    private static function task(Task $task): array
    {
        return [
            'id' => $task->id,
            'component' => $task->component,
            'dessert' => $task->dessert,
            'action' => $task->action->key,
            'text' => $task->text,
            'written' => $task->written,
            'uses' => array_map(
                static fn (StepUse $u): array => ['food' => $u->food->key, 'grams' => round($u->grams, 3)],
                $task->uses,
            ),
            'minutes' => [$task->low, $task->high],
            'typical_min' => $task->typical,
            'hands' => $task->hands->toJson(),
            'place' => $task->place,
            'heats_c' => array_map(static fn (float $c): float => round($c, 1), $task->heats),
            'until' => $task->until,
            'batches' => $task->batches,
            'after' => array_map(
                static fn (Link $l): array => [
                    'step' => $l->task,
                    'at_least_min' => $l->atLeast,
                    'at_most_min' => $l->atMost,
                ],
                $task->after,
            ),
        ];
    }
}
