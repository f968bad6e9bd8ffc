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
        $this->scoops = array_map(floatval(...), array_column($tables->rows('scoops'), 'ml', 'key'));
        $this->doughs = array_map(floatval(...), array_column($tables->rows('dough_densities'), 'g_per_ml', 'family'));
    }

    /**
     * @param  list<string>  $families  by component
     * @param  string  $family  of the dough
     * @param  ?Cut  $like  shares it out as this other batch was
     */
    public function layout(Formula $formula, PortionPlan $sharing, array $families, string $family, float $bakeLoss, ?Cut $like = null): Layout
    {
        $placed = $formula->laidOut(new Layout(Cut::equal(Batch::of(1.0, 0.0), max(1e-9, $formula->pieces)), $this->placements($formula, $sharing, $families)));
        $batch = $this->batch($placed, $sharing, $bakeLoss);

        return new Layout($like === null ? $this->portioning($formula, $sharing, $family)->cut($batch) : $like->over($batch), $placed->layout->placements);
    }

    /** Grams of dough that a scoop holds of this family. */
    public function scoopful(string $scoop, string $family): float
    {
        return ($this->scoops[$scoop] ?? $this->scoops['40']) * ($this->doughs[$family] ?? $this->doughs['*']);
    }

    private function batch(Formula $placed, PortionPlan $sharing, float $bakeLoss): Batch
    {
        // A scoop measures the dough, whatever goes over it.
        $mass = ($sharing->portion['way'] ?? '') === Way::Scoop->value && count($placed->components) > 1 ? $placed->componentMass(0) : $placed->batchMass();

        return Batch::of($mass > 0 ? $mass : max(1e-6, $placed->mass()), $bakeLoss, $sharing->weighedMixed, $sharing->weighedBaked);
    }

    private function portioning(Formula $formula, PortionPlan $sharing, string $family): Portioning
    {
        $said = $sharing->portion;
        $rest = Leftover::tryFrom($said['rest'] ?? '') ?? Leftover::Spread;

        $way = Way::tryFrom($said['way'] ?? '');

        return match ($way === Way::Target && ! isset($said['each']) ? null : $way) {
            Way::Scoop => Portioning::byMass(Way::Scoop, $said['each'] ?? $this->scoopful($said['scoop'] ?? '40', $family), false, $rest),
            Way::Target => Portioning::byMass(Way::Target, $said['each'] ?? 0.0, ($said['of'] ?? '') === 'baked', $rest),
            Way::Unequal => Portioning::unequal($said['masses'] ?? []),
            Way::Grid => Portioning::grid($said['across'] ?? 1, $said['along'] ?? 1),
            Way::Pieces, null => Portioning::pieces($formula->pieces),
        };
    }

    /**
     * @param  list<string>  $families
     * @return array<int, Placement>
     */
    private function placements(Formula $formula, PortionPlan $sharing, array $families): array
    {
        $placements = [];
        foreach ($sharing->placements as $component => $said) {
            if (isset($formula->components[$component])) {
                $grams = ($said['amount'] ?? 0.0) * $this->gramsOf($said['unit'] ?? 'g', $families[$component] ?? '*');
                $placements[$component] = match (Spread::tryFrom($said['spread'])) {
                    Spread::Some => Placement::some(max(1, $said['pieces'] ?? 1)),
                    Spread::Each => $grams > 0 ? Placement::each($grams) : Placement::all(),
                    Spread::Table => Placement::table($grams),
                    Spread::All, null => Placement::all(),
                };
            }
        }

        return $placements;
    }

    private function gramsOf(string $unit, string $family): float
    {
        $unit = $this->units->get($unit);

        return $unit->kind === UnitKind::Volume ? $unit->size * ($this->doughs[$family] ?? $this->doughs['*']) : $unit->size;
    }
}
