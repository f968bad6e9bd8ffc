<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** What a baker said of sharing a dessert out, as it is kept; `LayoutMaker` makes pieces of it. */
final readonly class PortionPlan
{
    public const EATEN = [0.5, 1.0, 1.5, 2.0, 3.0];

    /**
     * @param  array{way?: string, across?: int, along?: int, scoop?: string, each?: float, of?: string, rest?: string, masses?: list<float>}  $portion
     * @param  array<int, array{spread: string, pieces?: int, amount?: float, unit?: string}>  $placements  by component
     * @param  array<string, float>  $used  by line key: the share of the line that is eaten
     * @param  ?float  $weighedMixed  grams of the dough as weighed
     * @param  ?float  $weighedBaked  grams of the baked whole as weighed
     * @param  list<array{name: string, text: string}>  $toppings  that are added at the table
     * @param  float  $eaten  pieces that are eaten at a time
     */
    public function __construct(
        public array $portion = [],
        public array $placements = [],
        public array $used = [],
        public ?float $weighedMixed = null,
        public ?float $weighedBaked = null,
        public array $toppings = [],
        public float $eaten = 1.0,
    ) {}

    /** Nothing that changes how the mean piece is counted. */
    public function isPlain(): bool
    {
        return in_array($this->portion['way'] ?? 'pieces', ['pieces', 'grid'], true) && $this->placements === [] && $this->weighedMixed === null && $this->weighedBaked === null;
    }

    public function isGridOf(float $pieces): bool
    {
        return ($this->portion['way'] ?? '') === 'grid' && (float) (($this->portion['across'] ?? 0) * ($this->portion['along'] ?? 0)) === $pieces;
    }

    public static function shareOf(float $percent): float
    {
        return round($percent / 100, 4);
    }

    /** The pieces follow from what was weighed or scooped. */
    public function isByMass(): bool
    {
        return in_array($this->portion['way'] ?? '', ['scoop', 'target', 'unequal'], true);
    }

    /** @param  array<string, mixed>  $stored what `toArray()` gave */
    public static function fromArray(array $stored): self
    {
        return new self(
            (array) ($stored['portion'] ?? []), (array) ($stored['placements'] ?? []), array_map(floatval(...), (array) ($stored['used'] ?? [])),
            isset($stored['weighed_mixed']) ? (float) $stored['weighed_mixed'] : null, isset($stored['weighed_baked']) ? (float) $stored['weighed_baked'] : null,
            array_values((array) ($stored['toppings'] ?? [])), (float) ($stored['eaten'] ?? 1.0),
        );
    }

    /** @return array<string, mixed> only what was said */
    public function toArray(): array
    {
        return array_filter([
            'portion' => $this->portion, 'placements' => $this->placements, 'used' => $this->used, 'weighed_mixed' => $this->weighedMixed,
            'weighed_baked' => $this->weighedBaked, 'toppings' => $this->toppings, 'eaten' => $this->eaten === 1.0 ? null : $this->eaten,
        ], static fn (mixed $said): bool => $said !== null && $said !== []);
    }

    /** @param  array<string, mixed>  $changes by the names of `toArray()` */
    public function with(array $changes): self
    {
        return self::fromArray([...$this->toArray(), ...$changes]);
    }
}
