<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Tables;

/** Makes pieces of a formula by what the baker said of sharing it out. */
final readonly class LayoutMaker
{
    /** @var array<string, float> scoop => ml */
    public array $scoops;

    /** @var array<string, float> family or "*" => g a millilitre of its dough */
    private array $doughs;

    public function __construct(Tables $tables, private UnitTable $units)
    {
        $this->scoops = $tables->numbers('scoops', 'ml', 'key');
        $this->doughs = $tables->numbers('dough_densities', 'g_per_ml', 'family');
    }

    /**
     * @param  list<string>  $families  by component
     * @param  string  $family  of the dough
     * @param  ?Cut  $like  shares it out as this other batch was
     */
    public function layout(
        Formula $formula,
        PortionPlan $plan,
        array $families,
        string $family,
        float $bakeLoss,
        ?Cut $like = null,
    ): Layout {
        $placed = $formula->laidOut(
            new Layout(
                Cut::equal(Batch::of(1.0, 0.0), max(1e-9, $formula->pieces)),
                $this->placements($formula, $plan, $families),
            ),
        );
        $batch = $this->batch($placed, $plan, $bakeLoss);

        return new Layout(
            $like === null ? $this->portioning($formula, $plan, $family)->cut($batch) : $like->over($batch),
            $placed->layout->placements ?? [],
        );
    }

    /** Grams of dough that a scoop holds of this family. */
    public function scoopful(string $scoop, string $family): float
    {
        $ml = $this->scoops[$scoop] ?? $this->scoops[PortionWish::SCOOP] ?? 0.0;

        return $ml * ($this->doughs[$family] ?? $this->doughs['*']);
    }

    private function batch(Formula $placed, PortionPlan $plan, float $bakeLoss): Batch
    {
        // A scoop measures the dough, whatever goes over it.
        $mass =
            $plan->portion->way === Way::Scoop && count($placed->components) > 1
                ? $placed->componentMass(0)
                : $placed->batchMass();

        return Batch::of(
            $mass > 0 ? $mass : max(1e-6, $placed->mass()),
            $bakeLoss,
            $plan->weighedMixed,
            $plan->weighedBaked,
        );
    }

    private function portioning(Formula $formula, PortionPlan $plan, string $family): Portioning
    {
        $wish = $plan->portion;

        return match ($wish->way === Way::Target && $wish->each === null ? Way::Pieces : $wish->way) {
            Way::Scoop => Portioning::ofDough(
                Way::Scoop,
                $wish->each ?? $this->scoopful($wish->scoop, $family),
                $wish->leftover,
            ),
            Way::Target => $wish->of === MassOf::Baked
                ? Portioning::ofBaked($wish->each ?? 0.0, $wish->leftover)
                : Portioning::ofDough(Way::Target, $wish->each ?? 0.0, $wish->leftover),
            Way::Unequal => Portioning::unequal($wish->masses),
            Way::Grid => Portioning::grid($wish->across, $wish->along),
            Way::Pieces => Portioning::pieces($formula->pieces),
        };
    }

    /**
     * @param  list<string>  $families
     * @return array<int, Placement>
     */
    private function placements(Formula $formula, PortionPlan $plan, array $families): array
    {
        $placements = [];
        foreach ($plan->placements as $component => $said) {
            if (isset($formula->components[$component])) {
                $grams = $said->amount * $this->gramsOf($said->unit, $families[$component] ?? '*');
                $placements[$component] = match ($said->spread) {
                    Spread::Some => Placement::some(max(1, $said->pieces)),
                    Spread::Each => $grams > 0 ? Placement::each($grams) : Placement::all(),
                    Spread::Table => Placement::table($grams),
                    Spread::All => Placement::all(),
                };
            }
        }

        return $placements;
    }

    private function gramsOf(string $unit, string $family): float
    {
        $unit = $this->units->get($unit);

        return $unit->kind === UnitKind::Volume
            ? $unit->size * ($this->doughs[$family] ?? $this->doughs['*'])
            : $unit->size;
    }
}
