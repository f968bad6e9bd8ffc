<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;

/** What will differ: each property that swapping must keep, before and after. */
final readonly class Forecaster
{
    public function __construct(
        private Assayer $assayer,
        private WaterActivity $activity,
        private Constants $constants,
    ) {}

    /**
     * @param  float  $bakeLoss  share of the mixed mass that the oven takes
     * @param  float  $minutesBefore  of baking as written, at the reference heat
     * @param  float  $minutesAfter  of baking as planned, at the reference heat
     * @param  array<string, Bounds>  $bands  by key; of the first five as a share of what was written
     * @param  float  $solubility  g of erythritol in a g of water where it is eaten
     * @param  float  $dose  what the body of whom it is for takes, against the usual one
     * @return array<string, Property> by key
     */
    public function compare(
        Formula $before,
        Formula $after,
        float $bakeLoss,
        float $minutesBefore,
        float $minutesAfter,
        array $bands,
        float $solubility,
        float $dose = 1.0,
    ): array {
        // How sweet it is and how much of it there is go by all of it; how it bakes, by its heaviest part alone: a
        // glaze that is spooned on afterwards does not brown.
        [$allBefore, $allAfter] = [$this->assayer->mix($before->doses), $this->assayer->mix($after->doses)];
        [$was, $is] = [$allBefore, $allAfter];
        [$ofWas, $ofIs] = [$before->doses, $after->doses];
        if (count($before->components) > 1) {
            $main = $before->heaviest();
            $ofMain = static fn (Dose $dose): bool => $dose->component === $main;
            [$ofWas, $ofIs] = [array_filter($before->doses, $ofMain), array_filter($after->doses, $ofMain)];
            [$was, $is] = [$this->assayer->mix($ofWas), $this->assayer->mix($ofIs)];
        }
        $relative = [
            ['sweetness', 'Sweetness', 'g sucrose', $allBefore->sweetness, $allAfter->sweetness],
            ['bulk', 'Bulk', 'g', $allBefore->solids, $allAfter->solids],
            ['moisture', 'Moisture', 'g/g', $was->moisture(), $is->moisture()],
            ['fat', 'Fat', 'g/g', $was->fatShare(), $is->fatShare()],
            ['structure', 'Holding together', 'g wheat flour', $was->hold, $is->hold],
        ];
        $properties = [];
        foreach ($relative as [$key, $name, $unit, $old, $new]) {
            $band = $bands[$key] ?? null;
            // What had no fat is allowed what counts as lean.
            $least = $key === 'fat' ? $this->constants->get('lean-fat') : 0.0;
            $properties[$key] = new Property(
                $key,
                $name,
                $unit,
                $old,
                $new,
                $band === null ? null : $band->low * $old,
                $band === null ? null : max($least, $band->high * $old),
            );
        }
        $heat = $this->constants->get('erythritol-heat');
        // Chips and nuts give nothing off, and no bake drives out all water.
        $most = 1 - $this->constants->get('water-kept');
        [$lostBefore, $lostAfter] = [
            min($bakeLoss * $was->mass, $most * $was->water),
            min($bakeLoss * $is->mass, $most * $is->water),
        ];
        $absolute = [
            ['browning', 'Browning', 'min', $was->browning($minutesBefore), $is->browning($minutesAfter)],
            [
                'grain',
                'Grittiness',
                'of saturation',
                $was->grain($solubility, $lostBefore),
                $is->grain($solubility, $lostAfter),
            ],
            [
                'cool',
                'Cool aftertaste',
                'J/g',
                $was->cool($solubility, $lostBefore, $heat),
                $is->cool($solubility, $lostAfter, $heat),
            ],
            [
                'water-activity',
                'Water activity',
                '',
                $this->activity->of($ofWas, $lostBefore),
                $this->activity->of($ofIs, $lostAfter),
            ],
            [
                'tolerance',
                'Sugar alcohols for one sitting',
                'of one dose',
                $allBefore->load / $before->pieces / $dose,
                $allAfter->load / $after->pieces / $dose,
            ],
        ];
        foreach ($absolute as [$key, $name, $unit, $old, $new]) {
            $properties[$key] = new Property(
                $key,
                $name,
                $unit,
                $old,
                $new,
                null,
                $bands[$key]->high ?? ($key === 'tolerance' ? 1.0 : null),
            );
        }

        return $properties;
    }
}
