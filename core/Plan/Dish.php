<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Harm\Keep;
use Aglyca\Core\Method\Task;

/** A dessert that is to be made on a day. */
final readonly class Dish
{
    /** @param  list<Task>  $tasks */
    public function __construct(
        public string $title,
        public array $tasks,
        public Family $family,
        public float $pieces,
        public Keep $keep,
    ) {}
}
