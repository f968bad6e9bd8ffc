<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** A topping as it was read. */
final readonly class ReadTopping
{
    /**
     * @param  list<Dose>  $doses
     * @param  list<string>  $unread  lines that were not understood
     */
    public function __construct(public string $name, public array $doses, public array $unread) {}
}
