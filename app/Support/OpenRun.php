<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Plan\Dish;
use Aglyca\Core\Trial\Doing;
use App\Models\Run;

/** A bake that is going on, with its dessert understood. */
final readonly class OpenRun
{
    private function __construct(
        public Run $run,
        public Kernel $kernel,
        public Conversion $conversion,
        public Dish $dish,
    ) {}

    public static function of(Run $run, Kernel $kernel): self
    {
        $conversion = $kernel->convert($run->recipe->briefOf($run->version));

        return new self($run, $kernel, $conversion, $kernel->dish($conversion, $run->recipe_id));
    }

    public function counted(Doing $doing): Account
    {
        return $this->kernel->weighed($this->conversion, $this->dish, $doing);
    }

    /** @return array<string, mixed> what the Notebook keeps of it */
    public function record(Doing $doing): array
    {
        $tasks = array_column($this->dish->tasks, null, 'id');
        $weighed = [];
        foreach ($this->dish->tasks as $task) {
            foreach ($task->uses as $use) {
                $grams = $doing->weighed[$task->id][$use->food->key] ?? null;
                if ($grams !== null) {
                    $weighed[] = [
                        'food' => $use->food->key,
                        'name' => $use->food->name,
                        'planned' => $use->grams,
                        'grams' => $grams,
                    ];
                }
            }
        }
        $times = [];
        foreach ($doing->timers as $timer) {
            $task = $tasks[$timer['task']] ?? null;
            $times[] = [
                'action' => $task instanceof Task ? $task->action->key : '', 'name' => $timer['name'],
                'planned' => $task instanceof Task ? $task->typical : null, 'minutes' => Doing::minutes($timer),
            ];
        }

        return [
            'weighed' => $weighed,
            'times' => $times,
            'pieces' => $doing->pieces,
            'mixed' => $doing->mixed,
            'factor' => $doing->factor,
            'remedies' => $doing->remedies,
            'hands' => $this->kernel->handsTaken($this->dish, $doing),
            'ovens' => $this->kernel->ovensTaken($this->dish, $doing),
            'probe' => $doing->probe,
            'net' => $this->counted($doing)->net($this->conversion->brief->convention),
        ];
    }
}
