<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;

/** Baking powder, by what the new flours weigh and hold. */
final readonly class LiftOffers
{
    public function __construct(
        private Schools $schools,
        private Constants $constants,
    ) {}

    /**
     * @param  list<Offer>  $flours
     * @return list<Offer>
     */
    public function lifts(Formula $formula, Sorting $sorting, array $flours, Wishes $wishes): array
    {
        $factor = $sorting->flours === [] ? 1.0 : (float) $this->schools->school($wishes->school)['lift_factor'];
        $variables = [];
        foreach ($factor === 1.0 ? [] : $sorting->kept as $i) {
            $dose = $formula->doses[$i];
            if ($dose->food?->key === 'baking-powder') {
                // Soda lifts as three times as much powder; above what flours can hold it only tastes.
                $soda = $this->constants->get('soda-as-powder') * $formula->gramsOf('baking-soda');
                $room =
                    ($this->constants->get('lift-most') / 100) *
                        array_sum(
                            array_map(
                                static fn (Offer $o): float => $o->purpose === Purpose::Flour ? $o->practice : 0.0,
                                $flours,
                            ),
                        ) -
                    $soda -
                    $this->powderBrought($formula, $sorting);
                $most = max($dose->mass() * $this->constants->get('lift-least'), min($dose->mass() * $factor, $room));
                $base = min($dose->mass(), $most);
                $variables[] = new Offer(
                    $dose->food,
                    Purpose::Lift,
                    $most - $base,
                    $most - $base,
                    0.0,
                    $most < $dose->mass()
                        ? 'more than the new flours hold would only taste'
                        : 'the new flours are heavier to lift',
                    base: $base,
                    dose: $i,
                );
            }
        }

        return $variables;
    }

    /** Grams of baking powder that self-raising flour brings along. */
    private function powderBrought(Formula $formula, Sorting $sorting): float
    {
        $grams = 0.0;
        foreach ($sorting->flours as $i) {
            foreach ($this->schools->single($formula->doses[$i]->known()->key) as $row) {
                $grams += $row['to'] === 'baking-powder' ? $formula->doses[$i]->mass() * (float) $row['ratio'] : 0.0;
            }
        }

        return $grams;
    }
}
