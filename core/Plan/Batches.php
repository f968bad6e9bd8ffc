<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Method\Task;

/** Parts what goes into the oven by what a sheet, a tin or an iron holds. */
final readonly class Batches
{
    private const TURNS = ['oven', 'iron'];

    public function __construct(private Constants $constants) {}

    /** How many times a dessert fills what it is baked in. */
    public function of(Dish $dish, Places $places): int
    {
        $holds = match ($dish->family->holder) {
            'sheet' => $places->perSheet ?? (int) $this->constants->get('sheet-holds'),
            'tin' => $places->perSheet ?? (int) $this->constants->get('tin-holds'),
            'iron' => (int) $this->constants->get('iron-holds'),
            default => PHP_INT_MAX,
        };

        return (int) max(1, ceil($dish->pieces / $holds));
    }

    /**
     * The tasks, those that are done a sheet at a time parted.
     *
     * @return list<Task>
     */
    public function parted(Dish $dish, Places $places): array
    {
        $batches = $this->of($dish, $places);
        if ($batches < 2) {
            return $dish->tasks;
        }
        $turned = $this->turned($dish->tasks);

        return array_map(
            static fn (Task $t): Task => in_array($t->id, $turned, true) ? $t->inBatches($batches) : $t,
            $dish->tasks,
        );
    }

    /**
     * The last bake, the shaping just before it and the cooling just behind.
     *
     * @param  list<Task>  $tasks
     * @return list<string>
     */
    private function turned(array $tasks): array
    {
        $bakes = array_filter(
            $tasks,
            static fn (Task $t): bool => in_array($t->place, self::TURNS, true) &&
                in_array($t->action->key, ['bake', 'griddle', 'turn-down'], true),
        );
        $bake = array_key_last($bakes);
        if ($bake === null) {
            return [];
        }
        $turned = [$tasks[$bake]->id];
        for (
            $i = $bake - 1;
            $i >= 0 &&
            ($tasks[$i]->action->key === 'shape' ||
                $tasks[$i]->action->key === 'bake' ||
                $tasks[$i]->action->key === 'turn-down' ||
                $tasks[$i]->action->key === 'press') &&
            $this->leadsTo($tasks[$i], $tasks, $turned);
            $i--
        ) {
            $turned[] = $tasks[$i]->id;
        }
        $next = $tasks[$bake + 1] ?? null;
        if ($next !== null && in_array($next->action->key, ['cool', 'rest'], true)) {
            $turned[] = $next->id;
        }

        return $turned;
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<string>  $turned
     */
    private function leadsTo(Task $task, array $tasks, array $turned): bool
    {
        foreach ($tasks as $other) {
            if (in_array($other->id, $turned, true) && in_array($task->id, array_column($other->after, 'task'), true)) {
                return true;
            }
        }

        return false;
    }
}
