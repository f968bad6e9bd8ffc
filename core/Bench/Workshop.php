<?php

declare(strict_types=1);

namespace Aglyca\Core\Bench;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\NetCarbs;
use Aglyca\Core\Forecast\Cautioner;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\KitchenMeasure;
use Aglyca\Core\Larder\Label\LabelChecker;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Plan\BakePlanner;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\AmountParser;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\LineReader;
use Aglyca\Core\Reading\LineSorter;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\RecipeReader;
use Aglyca\Core\Reading\StepReader;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Reading\Weigher;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\PartMaker;
use Aglyca\Core\Swap\ProportionalSwapper;
use Aglyca\Core\Swap\Schools;
use Aglyca\Core\Swap\Snapper;
use Aglyca\Core\Swap\Swapper;
use Aglyca\Core\Swap\Wishes;
use Aglyca\Core\Tables;

/** The whole way from a text to a swapped, counted and planned dessert; the only place that wires the core. */
final readonly class Workshop
{
    private function __construct(
        public Larder $larder,
        public Constants $constants,
        public Schools $schools,
        public FoodIndex $foods,
        public RecipeReader $recipes,
        public LineReader $lines,
        public Accountant $accountant,
        public Swapper $swapper,
        public Forecaster $forecaster,
        public Cautioner $cautioner,
        public BakePlanner $planner,
        public KitchenMeasure $measures,
        public LabelChecker $labels,
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
        $lines = new LineReader($larder, $foods, $amounts, new Weigher($larder, $units, $constants), $constants, $tables);
        $yields = new YieldReader;
        $recipes = new RecipeReader($lines, new StepReader($constants), $yields, new LineSorter($units, $yields));
        $accountant = new Accountant(new NetCarbs($tables, $constants), $constants);
        $schools = new Schools($tables);
        $measures = new KitchenMeasure($larder, $units);
        $parts = new PartMaker($larder, $schools, new Snapper($larder, $units, $constants), $measures, $constants);

        return new self(
            $larder, $constants, $schools, $foods, $recipes, $lines, $accountant,
            new ProportionalSwapper($larder, $schools, $accountant, $parts, $constants),
            new Forecaster($larder), new Cautioner($tables, $constants), new BakePlanner($larder, $schools, $constants), $measures,
            new LabelChecker($tables, $constants),
        );
    }

    /** @throws UnreadableRecipe */
    public function read(Document $document): Recipe
    {
        $corrections = [];
        foreach ($document->corrections as $key => $said) {
            $corrections[$key] = new Correction(isset($said['food']) ? $this->larder->find($said['food']) : null, $said['grams'] ?? null, $said['package'] ?? null, $said['left_out'] ?? false);
        }

        return $this->recipes->read($document->text, $corrections);
    }

    /** @throws UnreadableRecipe */
    public function account(Document $document): Account
    {
        return $this->accountant->count(Formula::asWritten($this->read($document), $document->pieces));
    }

    /** @throws UnreadableRecipe */
    public function work(Document $document): Worked
    {
        $recipe = $this->read($document);
        $before = Formula::asWritten($recipe, $document->pieces);
        $swap = $this->swapper->swap($before, Wishes::of($document->sweetener, $document->school, $document->sweetness));
        $after = $this->accountant->count($swap->after);
        $bake = $this->planner->change($swap, $recipe->steps);

        return new Worked(
            $document, $document->title !== '' ? $document->title : $recipe->title, $recipe, $this->accountant->count($before), $after, $swap,
            $this->forecaster->compare($before, $swap->after), $this->cautioner->cautions($after), $bake, $this->planner->steps($bake, $recipe->steps),
        );
    }
}
