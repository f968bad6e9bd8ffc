<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Forecast\Traits;
use Closure;

/** What a component may be made of: the offers with the traits of a gram each, and what is in it whatever is chosen. */
final readonly class Candidates
{
    /**
     * @param  list<Offer>  $offers
     * @param  list<Traits>  $forms  of a gram of each offer
     * @param  array<int, list<Part>>  $singles  by dose: what takes the place of a line with a swap of its own
     * @param  list<Part>  $waters  the water that was in the syrups
     * @param  Traits  $fixed  of all that is in the mix whatever is chosen
     */
    public function __construct(
        public array $offers,
        public array $forms,
        public array $singles,
        public array $waters,
        public Traits $fixed,
    ) {}

    /**
     * A linear form in the grams of the offers.
     *
     * @param  Closure(Traits): float  $trait
     * @param  ?Closure(Offer): bool  $of  the offers that count; null for all
     * @return list<float>
     */
    public function coefficients(Closure $trait, ?Closure $of = null): array
    {
        return array_map(
            static fn (Traits $t, Offer $o): float => $of === null || $of($o) ? $trait($t) : 0.0,
            $this->forms, $this->offers,
        );
    }

    /**
     * What the same form gives of the grams that are there anyway.
     *
     * @param  Closure(Traits): float  $trait
     * @param  Closure(Offer): bool  $of
     */
    public function base(Closure $trait, Closure $of): float
    {
        $sum = 0.0;
        foreach ($this->offers as $i => $offer) {
            $sum += $of($offer) ? $offer->base * $trait($this->forms[$i]) : 0.0;
        }

        return $sum;
    }

    /** With each offer as is usual. */
    public function usual(): Traits
    {
        $shares = [[$this->fixed, 1.0]];
        foreach ($this->offers as $i => $offer) {
            $shares[] = [$this->forms[$i], $offer->practice];
        }

        return Traits::sum($shares);
    }
}
