<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** What of a tin goes in. */
final readonly class TinContents
{
    /**
     * @param  float  $share  of the tin's mass
     * @param  ?float  $grams  drained, of one tin, where the line says so
     */
    public function __construct(public string $food, public float $share, public ?float $grams) {}
}
