<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** A unit of the kitchen; its size is in grams, millilitres or pieces, by its kind. */
final readonly class Unit
{
    public function __construct(public string $key, public UnitKind $kind, public float $size) {}

    /** What a shop sells it in, of whatever size. */
    public function isPackage(): bool
    {
        return in_array($this->key, ['packet', 'tin', 'bag', 'bar', 'block'], true);
    }

    /** Of the same size in every country, as spoons and cups are not. */
    public function isMetric(): bool
    {
        return in_array($this->key, ['ml', 'cl', 'dl', 'l'], true);
    }

    public function isVague(): bool
    {
        return in_array(
            $this->key,
            ['pinch', 'dash', 'smidgen', 'splash', 'squeeze', 'handful', 'drop', 'knob', 'thumb'],
            true,
        );
    }
}
