<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Quantity\Decimal;
use Aglyca\Core\Quantity\Estimate;

/** One thing that a kitchen has taught, against what is usual. */
final readonly class Lesson
{
    /** @param  string  $key  as in `Taught` */
    public function __construct(
        public string $key,
        public string $sentence,
        public Estimate $usual,
        public Estimate $learnt,
        public int $count,
    ) {}

    /** What counts where nothing was learnt, in words. */
    public function usually(): string
    {
        return match (explode(':', $this->key)[0]) {
            'cup' => Decimal::plain($this->usual->value, 0).' g',
            Taught::OVEN => 'the time that the method says',
            Taught::HANDS => 'the time that most hands take',
            Taught::PIECES => 'as many as planned',
            default => Decimal::plain(100 * $this->usual->value, 0).' %',
        };
    }
}
