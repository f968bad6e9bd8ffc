<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Quantity\Estimate;

/** One thing that a kitchen has taught, against what is usual. */
final readonly class Lesson
{
    /** @param  string  $key  as in `Taught` */
    public function __construct(public string $key, public string $sentence, public Estimate $usual, public Estimate $learnt, public int $count) {}
}
