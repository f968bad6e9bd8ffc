<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** A part of the triangle in which a row breaks. */
final readonly class Region
{
    /** @param  list<list<float>>  $points  its corners, as shares of the triangle's */
    public function __construct(public string $row, public string $name, public array $points) {}
}
