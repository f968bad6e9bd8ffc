<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\Desk;
use Aglyca\Core\Account\NetCarbs;
use Aglyca\Core\Account\Sharer;
use Aglyca\Core\Account\Spreads;
use Aglyca\Core\Account\SweetenerPrices;
use Aglyca\Core\Account\WhatIf;
use Aglyca\Core\Family\Appliances;
use Aglyca\Core\Family\Families;
use Aglyca\Core\Family\OvenRules;
use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Cautioner;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Forecast\PictureBook;
use Aglyca\Core\Formula\LayoutMaker;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Label\LabelChecker;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Method\Actions;
use Aglyca\Core\Method\BagShares;
use Aglyca\Core\Method\BakePlanner;
use Aglyca\Core\Method\Clauses;
use Aglyca\Core\Method\Extras;
use Aglyca\Core\Method\Latecomers;
use Aglyca\Core\Method\MethodReader;
use Aglyca\Core\Method\MethodWriter;
use Aglyca\Core\Method\OtherAppliance;
use Aglyca\Core\Method\Patterns;
use Aglyca\Core\Method\Preparations;
use Aglyca\Core\Method\StepCorrector;
use Aglyca\Core\Method\TaskLinker;
use Aglyca\Core\Method\TaskMaker;
use Aglyca\Core\Plan\Advice;
use Aglyca\Core\Plan\Batches;
use Aglyca\Core\Plan\DayPlanner;
use Aglyca\Core\Plan\JobSheetMaker;
use Aglyca\Core\Plan\ShoppingList;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\AmountParser;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\FoodNames;
use Aglyca\Core\Reading\FreeWords;
use Aglyca\Core\Reading\Heats;
use Aglyca\Core\Reading\Lexer;
use Aglyca\Core\Reading\LineReader;
use Aglyca\Core\Reading\LineSplitter;
use Aglyca\Core\Reading\MeasuresReader;
use Aglyca\Core\Reading\Naming;
use Aglyca\Core\Reading\PanReader;
use Aglyca\Core\Reading\PieceWords;
use Aglyca\Core\Reading\RecipeReader;
use Aglyca\Core\Reading\RowSigns;
use Aglyca\Core\Reading\SectionReader;
use Aglyca\Core\Reading\StepReader;
use Aglyca\Core\Reading\Times;
use Aglyca\Core\Reading\Tins;
use Aglyca\Core\Reading\Told;
use Aglyca\Core\Reading\Weigher;
use Aglyca\Core\Reading\Words;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\Advisor;
use Aglyca\Core\Swap\CandidateMaker;
use Aglyca\Core\Swap\PartMaker;
use Aglyca\Core\Swap\ProblemMaker;
use Aglyca\Core\Swap\ProgrammeSwapper;
use Aglyca\Core\Swap\Prospect;
use Aglyca\Core\Swap\Reasons;
use Aglyca\Core\Swap\Rule;
use Aglyca\Core\Swap\Schools;
use Aglyca\Core\Swap\Sorter;
use Aglyca\Core\Swap\SweetOffers;
use Aglyca\Core\Trial\ChangeMaker;
use Aglyca\Core\Trial\Diagnosis;
use Aglyca\Core\Trial\Heating;
use Aglyca\Core\Trial\Lessons;
use Aglyca\Core\Trial\Outlook;
use Aglyca\Core\Trial\Portrait;
use Aglyca\Core\Trial\Remedies;
use Aglyca\Core\Trial\Weighing;
use Aglyca\Core\Writing\KitchenMeasure;

/** Puts the rooms of the core together; only the kernel, the tools and the tests look inside. */
final readonly class Wiring
{
    public UnitTable $units;

    public Constants $constants;

    public Larder $larder;

    public FoodIndex $foods;

    public Words $words;

    public LineReader $lines;

    public RecipeReader $recipes;

    public YieldReader $yields;

    public StepReader $steps;

    public RowSigns $signs;

    public SectionReader $sections;

    public NetCarbs $netCarbs;

    public Accountant $accountant;

    public Desk $desk;

    public Families $families;

    public OvenRules $ovens;

    public Schools $schools;

    public Scaler $scaler;

    public LayoutMaker $layouts;

    public ProgrammeSwapper $swapper;

    public Forecaster $forecaster;

    public Cautioner $cautioner;

    public Advisor $advisor;

    public BakePlanner $planner;

    public Preparations $preparations;

    public TaskMaker $tasks;

    public DayPlanner $days;

    public ShoppingList $shopping;

    public Weighing $weighing;

    public PictureBook $pictures;

    public Remedies $remedies;

    public Diagnosis $diagnosis;

    public Lessons $lessons;

    public Heating $heating;

    public StepCorrector $corrector;

    public FreeWords $freeWords;

    public Appliances $appliances;

    public Prospect $prospect;

    public Snapper $snapper;

    public KitchenMeasure $measures;

    public Ways $ways;

    public LabelChecker $labels;

    public SweetenerPrices $sweetenerPrices;

    /**
     * @param  list<class-string<Rule\Rule>>  $without  rules of the swap that are left out, to see what they decide
     */
    public function __construct(
        public Tables $tables,
        Stock $stock = new Stock(),
        array $without = [],
    ) {
        $this->ways = $stock->ways;
        $this->units = new UnitTable($tables);
        $this->constants = Constants::from($tables);
        $this->larder = new Larder($tables, $this->units, $this->constants, $stock);
        $this->appliances = new Appliances($tables);
        $this->families = new Families($tables, $stock->taught, $this->constants);
        $this->ovens = OvenRules::from($this->constants);
        $this->schools = new Schools($tables);
        $this->foods = FoodIndex::of(FoodNames::of($tables)->knowing($stock->names));
        $this->words = new Words($tables);
        $this->measures = KitchenMeasure::of($this->larder, $this->units, $tables, $stock->ways->measures);
        $this->labels = new LabelChecker($this->larder->labels, $this->constants);
        $this->yields = new YieldReader($this->words, new PieceWords($tables));
        $this->steps = new StepReader(new Heats($this->constants, $this->words), new Times($this->words));
        $this->signs = new RowSigns($this->units, $this->yields, $this->foods, $this->larder, $this->words);
        $this->sections = new SectionReader($this->signs, $this->yields, $this->words);
        $this->lines = $this->lineReader();
        $this->recipes = new RecipeReader(
            $this->lines,
            $this->steps,
            $this->yields,
            $this->sections,
            new PanReader($this->words),
            new MeasuresReader($tables),
            new Told($this->words),
        );
        $this->netCarbs = new NetCarbs($tables, $this->constants);
        $this->accountant = new Accountant($this->netCarbs, new Spreads($tables), $this->constants);
        $this->desk = new Desk(
            $this->accountant,
            new Sharer($this->accountant),
            new WhatIf($this->accountant, $this->larder),
            $this->constants,
        );
        $this->sweetenerPrices = new SweetenerPrices($this->larder, $this->netCarbs);
        $this->layouts = new LayoutMaker($tables, $this->units);
        $this->snapper = $snapper = new Snapper($this->larder, $this->units, $this->constants, $stock->ways->step());
        $this->scaler = new Scaler($this->larder, $snapper, $this->constants);
        $assayer = new Assayer($tables, $this->larder, $this->constants);
        $this->swapper = $this->swapper($assayer, new PartMaker($snapper, $this->scaler), $without);
        $this->forecaster = new Forecaster($assayer, $this->constants);
        $this->prospect = new Prospect($this->forecaster, $this->larder, $this->constants);
        $this->cautioner = new Cautioner($tables, new AcidBalance($tables), $this->constants);
        $this->advisor = new Advisor($this->families, $this->constants);
        $this->preparations = $preparations = new Preparations($tables, $this->scaler);
        $patterns = new Patterns($tables, $this->constants);
        $actions = new Actions($tables);
        $this->planner = new BakePlanner(
            $preparations,
            new MethodReader($actions, $this->foods, $this->constants),
            new MethodWriter(
                $preparations,
                new Latecomers($patterns),
                new BagShares($this->larder, $snapper, $this->constants),
                $this->constants,
            ),
            $patterns,
            new Extras($tables, $this->constants),
            $this->constants,
            new OtherAppliance($this->appliances),
        );
        $this->freeWords = new FreeWords($tables);
        $this->corrector = new StepCorrector($this->steps);
        $this->tasks = new TaskMaker(
            new Clauses($actions, $this->steps),
            $actions,
            $this->steps,
            new TaskLinker($this->constants),
            $this->constants,
            $stock->taught,
        );
        $this->weighing = new Weighing($this->accountant, $this->netCarbs, $this->larder, $this->constants);
        $this->pictures = new PictureBook($this->larder, $this->constants);
        $this->remedies = new Remedies($tables, $this->larder, $snapper, $this->measures);
        $this->heating = new Heating($tables);
        $this->lessons = new Lessons($this->larder, $this->families, $this->constants);
        $this->diagnosis = new Diagnosis(
            $tables,
            new Portrait($tables, $assayer, $this->larder, $this->constants),
            new ChangeMaker(
                $tables,
                $this->larder,
                $snapper,
                new Outlook($this->forecaster, $this->constants),
                $this->constants,
            ),
            $this->constants,
        );
        $this->shopping = new ShoppingList($this->scaler);
        $this->days = new DayPlanner(
            new Batches($this->constants),
            new JobSheetMaker($this->constants),
            new Advice($this->constants),
            $this->constants,
        );
    }

    private function lineReader(): LineReader
    {
        $lexer = new Lexer($this->words);
        $amounts = new AmountParser($this->units, $this->constants, $this->tables);

        return new LineReader(
            $this->larder, $this->foods, new Naming($this->foods, $this->tables),
            LineSplitter::of($this->larder, $this->foods, $amounts, $lexer, $this->words),
            new Weigher($this->larder, $this->units, $this->constants), $this->constants,
            new Tins($this->tables), $this->tables,
        );
    }

    /** @param  list<class-string<Rule\Rule>>  $without */
    private function swapper(Assayer $assayer, PartMaker $parts, array $without): ProgrammeSwapper
    {
        $candidates = new CandidateMaker($this->larder, $this->schools, $parts, $assayer, $this->constants);
        $rules = array_values(
            array_filter(
                [
                    new Rule\Sweetness(),
                    new Rule\Bulk(),
                    new Rule\Body(),
                    new Rule\Moisture(),
                    new Rule\Fat($this->constants),
                    new Rule\Structure(),
                    new Rule\Browning(),
                    new Rule\Draw(),
                    new Rule\Grain($this->constants),
                    new Rule\CoolTaste($this->constants),
                    new Rule\Practice(),
                    new Rule\Tolerance($this->constants),
                    new Rule\CarbLimit($this->constants),
                ],
                static fn (Rule\Rule $rule): bool => ! in_array($rule::class, $without, true),
            ),
        );

        return new ProgrammeSwapper(
            $this->larder,
            $this->schools,
            $this->families,
            $this->accountant,
            new Sorter($this->larder, $this->schools, $this->constants),
            new ProblemMaker(
                $assayer,
                $candidates,
                new SweetOffers($this->larder, $this->schools),
                $this->constants,
                $rules,
            ),
            $parts,
            new Reasons($this->tables, $this->constants),
            $this->constants,
            new AcidBalance($this->tables),
            $this->appliances,
        );
    }
}
