<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** A caution with its reason. */
final readonly class Warning
{
    public function __construct(public string $key, public string $sentence) {}
}
