<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Quantity\Interval;

/** What a probe in the middle of a bake says. */
final readonly class Probed
{
    /**
     * @param  Interval  $done  °C in the middle from which and to which it is done
     * @param  ?Interval  $minutes  until then; null where the readings do not say yet
     */
    public function __construct(public Interval $done, public ?Interval $minutes) {}
}
