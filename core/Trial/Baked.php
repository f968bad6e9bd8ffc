<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Formula;

/** A dessert that was baked, with what was foreseen and what was found. */
final readonly class Baked
{
    /**
     * @param  Formula  $formula  that was baked
     * @param  ?float  $minutes  of the longest bake by the method
     * @param  ?float  $heat  °C by the method
     * @param  array<string, Property>  $forecast  against what it was swapped from; empty where it is nobody's swap
     * @param  list<float>  $ovens  minutes of each bake against those of the method, where they were timed
     * @param  bool  $isOneBake  whether the method bakes it once
     * @param  ?Formula  $against  what it was swapped from; null where it is nobody's swap
     */
    public function __construct(
        public Formula $formula,
        public Family $family,
        public ?float $minutes,
        public ?float $heat,
        public array $forecast,
        public BakeNotes $notes,
        public ?Formula $against = null,
        public bool $isOneBake = true,
        public array $ovens = [],
    ) {}
}
