<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\NetCarbs;
use Aglyca\Core\Account\Servings;
use Aglyca\Core\Account\Sharer;
use Aglyca\Core\Account\SweetenerPrices;
use Aglyca\Core\Account\WhatIf;
use Aglyca\Core\Family\Families;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Care;
use Aglyca\Core\Forecast\Cautioner;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Cut;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\LayoutMaker;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Label\LabelChecker;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Plan\BakeChange;
use Aglyca\Core\Plan\BakePlanner;
use Aglyca\Core\Plan\Preparations;
use Aglyca\Core\Quantity\Pan;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\AmountParser;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\LineReader;
use Aglyca\Core\Reading\LineSorter;
use Aglyca\Core\Reading\LineSplitter;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\RecipeReader;
use Aglyca\Core\Reading\StepReader;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Reading\Weigher;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\Offers;
use Aglyca\Core\Swap\PartMaker;
use Aglyca\Core\Swap\ProblemMaker;
use Aglyca\Core\Swap\ProgrammeSwapper;
use Aglyca\Core\Swap\Reasons;
use Aglyca\Core\Swap\Schools;
use Aglyca\Core\Swap\Sorter;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Writing\KitchenMeasure;

/** The whole way from a text to a swapped, counted and planned dessert; the only place that wires the core. */
final readonly class Kernel
{
    private function __construct(
        public Tables $tables,
        public Larder $larder,
        public Constants $constants,
        public Schools $schools,
        public FoodIndex $foods,
        public RecipeReader $recipes,
        public LineReader $lines,
        public Accountant $accountant,
        public ProgrammeSwapper $swapper,
        public Families $families,
        public Forecaster $forecaster,
        public Cautioner $cautioner,
        public BakePlanner $planner,
        public KitchenMeasure $measures,
        public LabelChecker $labels,
        public Scaler $scaler,
        public LayoutMaker $layouts,
        public Sharer $sharer,
        public WhatIf $whatIf,
        public SweetenerPrices $sweetenerPrices,
        public Servings $servings,
    ) {}

    /** @param  ?array{names: array<string, string>, ignored: array<string, true>}  $index what `FoodIndex::compile()` gave */
    public static function open(Tables $tables, ?array $index = null, Stock $stock = new Stock): self
    {
        $units = new UnitTable($tables);
        $constants = Constants::from($tables);
        $larder = new Larder($tables, $units, $stock);
        $foods = $index === null ? FoodIndex::from($tables) : new FoodIndex($index);
        $foods = $stock->names === [] ? $foods : $foods->knowing($stock->names);
        $amounts = new AmountParser($units, $constants, $tables);
        $lines = new LineReader($larder, $foods, new LineSplitter($larder, $foods, $amounts), new Weigher($larder, $units, $constants), $constants, $tables);
        $yields = new YieldReader;
        $recipes = new RecipeReader($lines, new StepReader($constants), $yields, new LineSorter($units, $yields));
        $netCarbs = new NetCarbs($tables, $constants);
        $accountant = new Accountant($netCarbs, $constants);
        $schools = new Schools($tables);
        $measures = new KitchenMeasure($larder, $units);
        $snapper = new Snapper($larder, $units, $constants);
        $scaler = new Scaler($larder, $snapper, $constants);
        $parts = new PartMaker($snapper, $measures, $scaler);
        $assayer = new Assayer($tables, $larder, $constants);
        $families = new Families($tables);

        return new self(
            $tables, $larder, $constants, $schools, $foods, $recipes, $lines, $accountant,
            new ProgrammeSwapper($larder, $schools, $families, $accountant, new Sorter($larder, $schools, $constants), new ProblemMaker($assayer, new Offers($larder, $schools, $parts, $constants), $constants), $parts, new Reasons($tables, $constants), $constants),
            $families,
            new Forecaster($assayer, $constants), new Cautioner($tables, new AcidBalance($tables), $constants), new BakePlanner($schools, new Preparations($tables, $scaler), $constants), $measures,
            new LabelChecker($tables, $constants), $scaler, new LayoutMaker($tables, $units), new Sharer($accountant), new WhatIf($accountant), new SweetenerPrices($larder, $netCarbs),
            new Servings($larder, $lines, $accountant, $units, $constants),
        );
    }

    /** @throws UnreadableRecipe */
    public function read(Brief $document): Recipe
    {
        $corrections = [];
        foreach ($document->corrections as $key => $said) {
            $corrections[$key] = new Correction(isset($said['food']) ? $this->larder->find($said['food']) : null, $said['grams'] ?? null, $said['package'] ?? null, $said['left_out'] ?? false);
        }

        return $this->recipes->read($document->text, $corrections);
    }

    /** @throws UnreadableRecipe */
    public function account(Brief $document): Account
    {
        $recipe = $this->read($document);
        $written = $this->written($document, $recipe);
        $families = $this->swapper->familiesOf($written, $document->wishes());

        return $this->accountant->count($this->laidOut($written, $document->sharing, $families, $families[$written->heaviest()]));
    }

    /** @throws UnreadableRecipe */
    public function work(Brief $document): Conversion
    {
        return $this->swapped($document, $this->read($document));
    }

    /**
     * Up to three clearly different swaps, each named by what a baker would notice.
     *
     * @return array<string, Conversion> name => the dessert so swapped
     *
     * @throws UnreadableRecipe
     */
    public function proposals(Brief $document): array
    {
        return (new Proposals($this))->proposals($document, $this->read($document));
    }

    /** As much of the recipe as is made, of which so much is eaten. */
    private function written(Brief $document, Recipe $recipe): Formula
    {
        $pieces = $document->pieces ?? ($recipe->pieces === null ? null : Scaler::pieces($recipe->pieces, $document->scale));

        return $this->scaler->scaled(Formula::asWritten($recipe, $pieces)->using($document->sharing->used), $document->scale);
    }

    /** @param  list<Family>  $families  by component */
    private function laidOut(Formula $formula, PortionPlan $sharing, array $families, Family $family, ?Cut $like = null): Formula
    {
        return $sharing->isPlain() ? $formula : $formula->laidOut($this->layouts->layout($formula, $sharing, array_column($families, 'key'), $family->key, $family->bakeLoss, $like));
    }

    /** A document whose recipe was read already. */
    public function swapped(Brief $document, Recipe $recipe): Conversion
    {
        $pan = $this->panChange($document, $recipe);
        $wishes = $document->wishes($pan->timeFactor ?? 1.0);
        $written = $this->written($document, $recipe);
        $families = $this->swapper->familiesOf($written, $wishes);
        $family = $families[$written->heaviest()];
        // The swap is of all that is mixed; where it goes is the account's business.
        $before = $written->cutInto($this->laidOut($written, $document->sharing, $families, $family)->pieces);
        $swap = $this->swapper->swap($before, $wishes, OvenPlan::of($recipe->steps));
        $shared = $this->laidOut($swap->after, $document->sharing, $families, $family);
        $after = $this->accountant->count($shared);
        $isPlain = $shared->layout === null;
        $bake = $this->planner->change($swap, $recipe->steps, $pan);

        return new Conversion(
            $document, $document->title !== '' ? $document->title : $recipe->title, $recipe,
            $isPlain ? $swap->account : $this->accountant->count($this->laidOut($before, $document->sharing, $families, $family, $shared->layout->cut)), $after, $swap,
            $this->forecast($swap, OvenPlan::of($recipe->steps), $bake), $this->cautioner->cautions($after, array_map(static fn (Family $f, string $name): Care => new Care($name, $f->minutes > 0, $f->cold, $f->hot), $swap->families, $recipe->components), $document->bodyMass),
            $bake, $this->planner->steps($swap, $bake, $recipe->steps), $pan,
        );
    }

    /** Another pan than the recipe's; null where the baker has the recipe's, or neither says how large that is. */
    private function panChange(Brief $document, Recipe $recipe): ?PanChange
    {
        $from = isset($document->pan['from']) ? Pan::fromArray($document->pan['from']) : $recipe->pan;

        return $document->pan === null || $from === null ? null : PanChange::of($from, Pan::fromArray($document->pan['to']), $document->scale, $this->constants);
    }

    /** @return array<string, Property> by the bands of the family of the heaviest component */
    private function forecast(Swap $swap, OvenPlan $oven, BakeChange $bake): array
    {
        $family = $swap->families[$swap->before->heaviest()];
        [$reference, $doubling] = [$this->constants->get('browning-reference'), $this->constants->get('browning-doubling')];
        $bands = [];
        foreach (['bulk', 'moisture', 'fat', 'structure', 'browning', 'grain', 'cool'] as $row) {
            if ($family->band($row)->weight > 0) {
                $bands[$row] = [$family->band($row)->low, $family->band($row)->high];
            }
        }
        $sweet = $family->band('sweetness');
        $bands['sweetness'] = [$sweet->low * $swap->wishes->sweetness, $sweet->high * $swap->wishes->sweetness];

        return $this->forecaster->compare(
            $swap->before, $swap->after, $family->bakeLoss,
            $oven->minutesAt($family, $reference, $doubling, 0.0, 1.0), $oven->minutesAt($family, $reference, $doubling, $bake->lowerBy, $bake->timeFactor), $bands,
            ($swap->wishes->bodyMass ?? $this->constants->get('default-body-mass')) / $this->constants->get('default-body-mass'),
        );
    }
}
