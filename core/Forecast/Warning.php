<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** A caution with its reason. */
final readonly class Warning
{
    /** @param  bool  $isForEater  whoever eats, keeps or serves it must know, too: it stands on the card */
    public function __construct(public string $key, public string $sentence, public bool $isForEater = false) {}
}
