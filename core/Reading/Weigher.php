<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\Unit;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Quantity\UnitTable;

/** Turns a measure of a food into grams, with the uncertainty of that way of measuring. */
final readonly class Weigher
{
    public function __construct(private Larder $larder, private UnitTable $units, private Constants $constants) {}

    /** @return ?Estimate grams; null where a counted thing has no known mass */
    public function grams(
        Measure $measure,
        Food $food,
        string $form,
        string $size,
        Measures $cups = new Measures(),
    ): ?Estimate {
        $grams = $this->single($measure, $food, $form, $size, $cups);
        if ($grams === null) {
            return null;
        }
        $grams = $grams->widenedBy($measure->spread);
        $plus = $measure->plus === null ? null : $this->grams($measure->plus, $food, $form, $size, $cups);

        return $plus === null || $grams->value + $plus->value <= 0 ? $grams : $grams->plus($plus);
    }

    /** Ounces of milk are fluid ounces; syrups are weighed, and packed by weight. */
    public function ouncesByVolume(Food $food): bool
    {
        return $food->isLiquid() &&
            $this->larder->density($food, '')->gramsPerMl < $this->constants->get('syrup-density');
    }

    private function single(Measure $measure, Food $food, string $form, string $size, Measures $cups): ?Estimate
    {
        if ($measure->size !== null) {
            $each = $this->single($measure->size, $food, $form, '', $cups);

            return $each?->widenedBy($this->constants->get('grams-by-size'))->times($measure->count->value);
        }
        $unit = $measure->unit;
        $isBare = $unit === null || ($unit->kind === UnitKind::Count && ! $unit->isPackage());
        if ($isBare && $cups->isInGrams && $measure->count->value >= $this->constants->get('fewest-grams')) {
            return $this->weighed($measure, $this->units->get('g'));
        }
        if ($unit?->key === 'oz' && $this->ouncesByVolume($food)) {
            $unit = $this->units->get('floz');
        }

        return match ($unit?->kind) {
            UnitKind::Mass => $this->weighed($measure, $unit),
            UnitKind::Volume => $this->filled($measure->count, $unit, $food, $form, $cups),
            UnitKind::Count, null => $this->counted($measure->count, $unit, $food, $size),
        };
    }

    private function weighed(Measure $measure, Unit $unit): Estimate
    {
        $lastDigit = $measure->decimals === 0 ? 0.0 : $unit->size * 10 ** -$measure->decimals;
        $grams = $measure->count->times($unit->size);
        $fine = $grams->value < $this->constants->get('fine-below');
        $halfWidth = max($this->constants->get($fine ? 'weighed-fine' : 'weighed'), $lastDigit / 2);

        return $grams->plus(Estimate::withHalfWidth(0.0, min($halfWidth, abs($grams->value))));
    }

    private function filled(Estimate $count, Unit $unit, Food $food, string $form, Measures $cups): Estimate
    {
        $density = $this->larder->density($food, $form);
        $byJug = $food->isLiquid() && in_array($unit->key, ['ml', 'cl', 'dl', 'l'], true);
        $relative =
            $density->relative ??
            $this->constants->get($byJug ? 'volume:weighed-liquid' : 'volume:'.$food->texture->value);
        if ($unit->isVague()) {
            $relative = hypot($relative, $this->constants->get('vague'));
        }
        if ($density->byKind) {
            $relative = hypot($relative, $this->constants->get('kind-density'));
        }

        return $count->timesAbout($cups->size($unit) * $density->gramsPerMl, $relative);
    }

    private function counted(Estimate $count, ?Unit $unit, Food $food, string $size): ?Estimate
    {
        $portion = ($size !== '' ? $this->larder->portion($food, $size) : null)
            ?? ($unit === null || $unit->key === 'piece' ? $this->larder->portion($food, '') : null)
            ?? ($unit === null ? null : $this->larder->portion($food, $unit->key));
        if ($portion === null) {
            return null;
        }
        // Things of one batch are alike in size, so their spread does not average out.
        $grams = $count->times($portion->value);

        return Estimate::of($grams->value, hypot($grams->u, $count->value * $portion->u));
    }
}
