<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** From the end of another task to the start of the one that carries it; minutes. */
final readonly class Link
{
    /** @param  ?int  $atMost  null where it may wait as long as it likes */
    public function __construct(public string $task, public int $atLeast = 0, public ?int $atMost = null) {}
}
