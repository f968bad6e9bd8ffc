<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

/** What whoever makes, keeps, serves or counts a dessert must know of it. */
final readonly class Safety
{
    /**
     * @param  list<Struck>  $struck
     * @param  list<Allergen>  $written  what the dessert as written holds
     * @param  list<Allergen>  $held  what the swapped one does
     * @param  list<Allergen>  $brought  what came by the swap
     * @param  list<Allergen>  $possible  what lines may hold that were not wholly understood
     * @param  list<string>  $atLeast  why the net carbs are at least so much; none where all is counted
     * @param  list<string>  $writtenAtLeast  likewise of the dessert as written
     */
    public function __construct(
        public Keep $keep,
        public Keep $writtenKeep,
        public array $struck,
        public array $written,
        public array $held,
        public array $brought,
        public array $possible,
        public array $atLeast,
        public array $writtenAtLeast,
    ) {}
}
