<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Quantity\Stretch;

/** Finds when to do what, so that one or several desserts are ready together. */
final readonly class DayPlanner
{
    private const DAY = 24 * 60;

    /** How many days of nights are looked at on either side. */
    private const HORIZON = 6 * self::DAY;

    public function __construct(
        private Batches $batches,
        private JobSheetMaker $problems,
        private Advice $advice,
        private Constants $constants,
    ) {}

    /** @param  list<Dish>  $dishes */
    public function plan(array $dishes, DayAsked $asked): DayPlan
    {
        $tasks = array_merge(
            [],
            ...array_map(fn (Dish $d): array => $this->batches->parted($d, $asked->places), $dishes),
        );
        $plan = $this->solved($tasks, $asked);

        return $asked->wantsAdvice ? $this->advised($plan, $dishes, $asked) : $plan;
    }

    /** @param  list<Dish>  $dishes */
    private function advised(DayPlan $plan, array $dishes, DayAsked $asked): DayPlan
    {
        $again = fn (Places $places): DayPlan => $this->solved(
            array_merge([], ...array_map(fn (Dish $d): array => $this->batches->parted($d, $places), $dishes)),
            new DayAsked($asked->ready, $asked->now, $places, $asked->zone, $asked->held, $asked->done, false),
        );
        $waiting = $this->advice->longestWait($plan);
        $shorter = $waiting === null ? null : $this->solved(
            array_map(static fn (Task $t): Task => $t->id === $waiting->id ? $t->lasting($t->low) : $t, $plan->tasks),
            new DayAsked($asked->ready, $asked->now, $asked->places, $asked->zone, $asked->held, $asked->done, false),
        );

        $fried = $this->longestInOneTin($dishes);
        $inFryer =
            $fried === null
                ? null
                : $this->solved(
                    array_merge(
                        [],
                        ...array_map(
                            fn (Dish $d): array => $d === $fried
                                ? $this->inAirFryer($d->tasks)
                                : $this->batches->parted($d, $asked->places),
                            $dishes,
                        ),
                    ),
                    new DayAsked(
                        $asked->ready,
                        $asked->now,
                        $asked->places,
                        $asked->zone,
                        $asked->held,
                        $asked->done,
                        false,
                    ),
                );

        return new DayPlan(
            $plan->tasks,
            $plan->slots,
            $plan->start,
            $plan->ready,
            $plan->handsOn,
            $plan->ovenMinutes,
            $plan->ovenHeats,
            $plan->lateBy,
            $this->advice->of($plan, $dishes, $asked, $again, $waiting, $shorter, $fried, $inFryer),
            $plan->gap,
        );
    }

    /**
     * The dessert that takes the oven longest, of those that bake in one tin or dish.
     *
     * @param  list<Dish>  $dishes
     */
    private function longestInOneTin(array $dishes): ?Dish
    {
        [$found, $longest] = [null, 0];
        foreach ($dishes as $dish) {
            $bakes = array_filter($dish->tasks, static fn (Task $t): bool => $t->place === 'oven');
            $minutes = array_sum(array_column($bakes, 'typical'));
            if (
                $dish->family->holder !== 'sheet' &&
                $dish->family->holder !== 'iron' &&
                max([0, ...array_column($bakes, 'batches')]) === 1 &&
                $minutes > $longest
            ) {
                [$found, $longest] = [$dish, $minutes];
            }
        }

        return $found;
    }

    /**
     * Beside the oven, whose heat it no longer asks for.
     *
     * @param  list<Task>  $tasks
     * @return list<Task>
     */
    private function inAirFryer(array $tasks): array
    {
        $preheat = (int) $this->constants->get('air-fryer-preheat');

        return array_map(static fn (Task $t): Task => match (true) {
            $t->place !== 'oven' => $t,
            $t->action->key === 'preheat' => $t->at('air-fryer')->lasting(min($t->typical, $preheat)),
            default => $t->at('air-fryer'),
        }, $tasks);
    }

    /** @param  list<Task>  $tasks */
    private function solved(array $tasks, DayAsked $asked): DayPlan
    {
        $tasks = array_values(
            array_filter(
                $tasks,
                static fn (Task $t): bool => $t->batches >
                    count(
                        array_filter(
                            range(1, $t->batches),
                            static fn (int $b): bool => isset($asked->done["$t->id#$b"]),
                        ),
                    ),
            ),
        );
        $origin = $asked->ready ?? ($asked->now ?? 0);
        $isBack = $asked->ready !== null;
        $nights = Night::between(
            $isBack ? $origin - self::HORIZON : $origin,
            $isBack ? $origin : $origin + self::HORIZON,
            $asked->places,
            $asked->zone,
        );
        $asleep = array_map(static fn (Stretch $night): Stretch => $night->later(-$origin), $nights);
        $releases = array_map(static fn (int $at): int => $isBack ? $origin - $at : $at - $origin, $asked->held);
        [$sheet, $found] = $this->found(
            $tasks,
            $asked->places,
            $asleep,
            $isBack ? Direction::Back : Direction::Forward,
            $releases,
        );
        $slots = [];
        foreach ($sheet->jobs as $j => $job) {
            $start = $isBack ? $origin - $found->starts[$j] - $job->task->typical : $origin + $found->starts[$j];
            $slots[] = new Slot($job, $start, $start + $job->task->typical);
        }

        return $this->summed($tasks, $isBack ? $slots : $this->lateHeating($slots), $sheet, $found, $asked);
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<Stretch>  $asleep
     * @param  array<string, int>  $releases
     * @return array{JobSheet, Found}
     */
    private function found(array $tasks, Places $places, array $asleep, Direction $direction, array $releases): array
    {
        // Where what must follow at once cannot, it follows as soon as may be.
        foreach ([$tasks, array_map(static fn (Task $t): Task => $t->loose(), $tasks)] as $tried) {
            $sheet = $this->problems->make($tried, $places, $asleep, $direction, $releases);
            $problem = $direction === Direction::Back ? $sheet->problem->mirrored() : $sheet->problem;
            $found = (new Search($problem, (int) $this->constants->get('plan-nodes')))->run();
            if ($found !== null) {
                return [$sheet, $found];
            }
        }
        throw new \LogicException('Tasks without a latest moment can always be planned.');
    }

    /**
     * The oven is not heated before it is needed.
     *
     * @param  list<Slot>  $slots
     * @return list<Slot>
     */
    private function lateHeating(array $slots): array
    {
        return array_map(static function (Slot $slot) use ($slots): Slot {
            if ($slot->job->task->action->key !== 'preheat') {
                return $slot;
            }
            $needed = [];
            foreach ($slots as $other) {
                if (in_array($slot->job->task->id, array_column($other->job->task->after, 'task'), true)) {
                    $needed[] = $other->start;
                }
            }
            $end = $needed === [] ? $slot->end : max($slot->end, min($needed));

            return new Slot($slot->job, $end - $slot->job->task->typical, $end);
        }, $slots);
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<Slot>  $slots
     */
    private function summed(array $tasks, array $slots, JobSheet $sheet, Found $found, DayAsked $asked): DayPlan
    {
        usort($slots, static fn (Slot $a, Slot $b): int => [$a->start, $a->end] <=> [$b->start, $b->end]);
        $byKey = [];
        foreach ($slots as $slot) {
            $byKey[$slot->job->key()] = $slot;
        }
        $hands = array_filter($slots, static fn (Slot $s): bool => ! $s->job->task->hands->isNone());
        $ready = $asked->ready ?? max([$asked->now ?? 0, ...array_column($slots, 'end')]);
        $start = $hands === [] ? $ready : min(array_column($hands, 'start'));
        $handsOn = 0;
        foreach ($slots as $slot) {
            foreach ($slot->job->task->hands->holds($slot->job->task->typical) as $held) {
                $handsOn += $held->length();
            }
        }
        [$oven, $heats] = $this->oven($sheet, $byKey);
        $lateBy = $asked->ready === null || $asked->now === null ? 0 : max(0, $asked->now - $start);

        return new DayPlan($tasks, $slots, $start, $ready, $handsOn, $oven, $heats, $lateBy, [], $found->gap());
    }

    /**
     * @param  array<string, Slot>  $byKey
     * @return array{int, list<float>} minutes that it is on, and its heats
     */
    private function oven(JobSheet $sheet, array $byKey): array
    {
        $spans = [];
        foreach ($sheet->problem->blocks as $block) {
            $of = array_map(static fn (int $j): Slot => $byKey[$sheet->jobs[$j]->key()], $block->jobs);
            $spans[] = [min([PHP_INT_MAX, ...array_column($of, 'start')]), max([0, ...array_column($of, 'end')]), $block->heat];
        }
        sort($spans);
        [$minutes, $until, $heats] = [0, PHP_INT_MIN, []];
        foreach ($spans as [$from, $to, $heat]) {
            $minutes += max(0, $to - max($from, $until));
            $until = max($until, $to);
            if ($heat > 0 && ($heats === [] || $heats[array_key_last($heats)] !== $heat)) {
                $heats[] = $heat;
            }
        }

        return [$minutes, $heats];
    }
}
