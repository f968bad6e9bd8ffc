<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Quantity\Duration;

/** How a family is baked in an appliance. */
final readonly class ApplianceWay
{
    /** @param  string  $text  with "{minutes}" where its time stands */
    public function __construct(public string $appliance, public Duration $minutes, private string $text) {}

    public function text(): string
    {
        return strtr($this->text, ['{minutes}' => $this->minutes->text()]);
    }
}
