<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Method\Task;

/** One batch of a task. */
final readonly class Job
{
    public function __construct(public Task $task, public int $batch) {}

    public function key(): string
    {
        return "{$this->task->id}#$this->batch";
    }
}
