<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** A task before it is known what comes before it. */
final readonly class ReadTask
{
    /** @param  bool  $opens  it stood at the head of its sentence */
    public function __construct(public Task $task, public int $component, public bool $opens = true) {}
}
